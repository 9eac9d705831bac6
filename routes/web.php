<?php

declare(strict_types=1);

use App\Http\Controllers\MaterialController;
use App\Http\Controllers\ProjectController;
use App\Http\Controllers\ProjectFileController;
use App\Http\Controllers\SchemaController;
use App\Http\Controllers\SectionController;
use App\Http\Controllers\SectionFileController;
use App\Http\Controllers\SiteController;
use App\Http\Controllers\UnitsController;
use Illuminate\Support\Facades\Route;

Route::get('/', [ProjectController::class, 'index'])->name('projects.index');
Route::get('/projects/create', [ProjectController::class, 'create'])->name('projects.create');
Route::post('/projects', [ProjectController::class, 'store'])->name('projects.store');
Route::delete('/projects/{project}', [ProjectController::class, 'destroy'])->name('projects.destroy');

Route::post('/projects/import', [ProjectFileController::class, 'store'])->name('projects.import');
Route::get('/projects/{project}/project.json', [ProjectFileController::class, 'show'])->name('projects.export');

Route::get('/projects/{project}/site', [SiteController::class, 'edit'])->name('site.edit');
Route::put('/projects/{project}/site', [SiteController::class, 'update'])->name('site.update');

Route::scopeBindings()->group(function (): void {
    Route::get('/projects/{project}/section/{option?}', [SectionController::class, 'show'])->name('section.show')->whereNumber('option');
    Route::put('/projects/{project}/section/{option}', [SectionController::class, 'update'])->name('section.update');
    Route::get('/projects/{project}/section/{option}/section.svg', [SectionFileController::class, 'drawing'])->name('section.drawing');
    Route::get('/projects/{project}/section/{option}/assessment.json', [SectionFileController::class, 'assessment'])->name('section.assessment');
});

Route::get('/materials', MaterialController::class)->name('materials');
Route::get('/schema/project-1.json', SchemaController::class)->name('schema');
Route::put('/units', UnitsController::class)->name('units.update');
