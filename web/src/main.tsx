import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/literata';
import './theme/app.css';
import { askEarly } from './api/early';
import { registerWorker } from './offline/registerWorker';

askEarly();
// Large as they are, the application and its room come after the questions that they need the answers of.
const rooms = import('./app/rooms').then(({ loadRoomOf }) => loadRoomOf(window.location.pathname));
const [{ createRoot }, { App }] = await Promise.all([import('react-dom/client'), import('./app/App'), rooms]);
const root = document.getElementById('root');
if (root === null) throw new Error('main: the page has no #root');
createRoot(root).render(<App />);
registerWorker();
