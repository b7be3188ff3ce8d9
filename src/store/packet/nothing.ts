// In the place of packages that the writer of PDF asks for only where HTML is drawn, which is never done here.
export {};
