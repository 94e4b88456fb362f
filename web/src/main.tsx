import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/literata';
import './theme/app.css';
import { createRoot } from 'react-dom/client';
import { App } from './app/App';

const root = document.getElementById('root');
if (root === null) throw new Error('main: the page has no #root');
createRoot(root).render(<App />);
