import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import ajax from '@imacrayon/alpine-ajax';
import bench from './bench.js';

Alpine.plugin(morph);
Alpine.plugin(ajax);
Alpine.data('bench', bench);
Alpine.start();
