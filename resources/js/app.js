import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import bench from './bench/bench.js';
import keepForms from './keep.js';
import closeMenu from './menu.js';
import tellTimes from './times.js';

Alpine.plugin(morph);
Alpine.data('bench', bench);
Alpine.start();
tellTimes(document);
keepForms();
closeMenu(document.getElementById('self'));
