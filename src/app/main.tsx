import './mantineStyles';
import '../ui/styles/tokens.css';
import '../ui/styles/base.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { openDatabase } from '../store/persistence/database';
import { App } from './App';
import { registerOffline } from './registerOffline';

const root = document.getElementById('root');
if (root === null) throw new Error('The page has no element with the id "root".');
await openDatabase();
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
registerOffline();
