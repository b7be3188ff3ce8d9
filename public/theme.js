// Runs before the first paint, so that the page never flashes in another theme.
(function () {
  try {
    var theme = localStorage.getItem('pasture-theme');
    document.documentElement.dataset.theme = theme === 'attic' || theme === 'noon' ? theme : 'paper';
  } catch {
    document.documentElement.dataset.theme = 'paper';
  }
})();
