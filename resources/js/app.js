import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import bench from './bench/bench.js';
import ledge from './ledge.js';
import live from './live.js';
import mass from './mass/mass.js';
import overlay from './overlay/overlay.js';
import poll from './poll.js';
import nameEntries from './entry.js';
import keepForms from './keep.js';
import closeMenu from './menu.js';
import showHere from './here.js';
import tellTimes from './times.js';

// Before Alpine starts, so that nothing jumps.
document.documentElement.classList.add('scripted');
Alpine.plugin(morph);
Alpine.data('bench', bench);
Alpine.data('ledge', ledge);
Alpine.data('live', live);
Alpine.data('mass', mass);
Alpine.data('overlay', overlay);
Alpine.data('poll', poll);
Alpine.start();
tellTimes(document);
nameEntries();
keepForms();
closeMenu(document.getElementById('self'));
showHere(document.querySelector('.stakes'));
