import './mantineStyles';
import '../ui/styles/tokens.css';
import '../ui/styles/base.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './App';
import { registerOffline } from './registerOffline';

const root = document.getElementById('root');
if (root === null) throw new Error('The page has no element with the id "root".');
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
registerOffline();
