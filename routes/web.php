<?php

declare(strict_types=1);

use App\Http\Controllers\BuiltController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\DampController;
use App\Http\Controllers\FirstController;
use App\Http\Controllers\FrostController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\InspectionController;
use App\Http\Controllers\InvitationController;
use App\Http\Controllers\LaterController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MassController;
use App\Http\Controllers\MaterialController;
use App\Http\Controllers\NewPasswordController;
use App\Http\Controllers\NoticesController;
use App\Http\Controllers\OptionController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PriceController;
use App\Http\Controllers\ProductController;
use App\Http\Controllers\ProjectController;
use App\Http\Controllers\ProjectFileController;
use App\Http\Controllers\RegisterController;
use App\Http\Controllers\ReleaseController;
use App\Http\Controllers\SchemaController;
use App\Http\Controllers\SectionAidController;
use App\Http\Controllers\SectionController;
use App\Http\Controllers\SectionFileController;
use App\Http\Controllers\SequenceController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\ShareController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SiteClimateController;
use App\Http\Controllers\SiteController;
use App\Http\Controllers\SittingController;
use App\Http\Controllers\StudyController;
use App\Http\Controllers\SurveyController;
use App\Http\Controllers\TrashController;
use App\Http\Controllers\UnitsController;
use App\Models\Project;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Illuminate\Support\Facades\Route;
use Ondergrond\Glossary\Glossary;
use Ondergrond\Mass\MassStory;
use Ondergrond\Plan\Clashes;
use Ondergrond\Plan\Proposals;
use Ondergrond\Rules\Rulebook;

// Open to everybody.
Route::view('/glossary', 'glossary', ['terms' => Glossary::all()])->name('glossary');
Route::get('/help', [HelpController::class, 'show'])->name('help');
Route::get('/help/{picture}.png', [HelpController::class, 'picture'])->name('help.picture')->where('picture', '[a-z-]+');
Route::get('/notices', NoticesController::class)->name('notices');
Route::permanentRedirect('/schema/project-2.json', '/schema/project-3.json')->name('schema.before');
Route::get('/schema/{schema}.json', SchemaController::class)->name('schema');

// Open to whoever has the link.
Route::middleware('signed:relative')->missing(static fn () => throw new InvalidSignatureException)->group(function (): void {
    Route::get('/shared/{share}', [ShareController::class, 'show'])->name('shares.show');
    Route::get('/invitations/{invitation}', [InvitationController::class, 'show'])->name('invitations.show');
    Route::post(
        '/invitations/{invitation}',
        [InvitationController::class, 'accept'],
    )->name('invitations.accept')->middleware('throttle:20,1');
});

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'create'])->name('sign-in.create');
    Route::post('/sign-in', [SignInController::class, 'store'])->name('sign-in.store');
    Route::get('/first', [FirstController::class, 'create'])->name('first.create');
    Route::post('/first', [FirstController::class, 'store'])->name('first.store');
    Route::get('/new-password/{token}', [NewPasswordController::class, 'edit'])->name('new-password.edit');
    Route::put('/new-password', [NewPasswordController::class, 'update'])->name('new-password.update')->middleware('throttle:20,1');
});

// For members of a firm. What a member may do is said at each route.
Route::middleware(['auth', 'auth.session'])->group(function (): void {
    Route::delete('/sign-in', [SignInController::class, 'destroy'])->name('sign-in.destroy');
    Route::get('/settings', [SettingsController::class, 'edit'])->name('settings.edit');
    Route::put('/settings', [SettingsController::class, 'update'])->name('settings.update');
    Route::delete('/settings/sittings', [SittingController::class, 'others'])->name('settings.sittings');
    Route::delete(
        '/settings/sittings/{sitting}', [SittingController::class, 'destroy'],
    )->name('settings.sitting')->where('sitting', '[0-9a-f]{64}');
    Route::put('/settings/password', [SettingsController::class, 'password'])->name('settings.password');
    Route::put('/units', UnitsController::class)->name('units.update');
    Route::get('/materials', MaterialController::class)->name('materials');
    Route::view('/rules', 'rules', [
        'groups' => Rulebook::byConcern(), 'clashes' => Clashes::all(), 'proposals' => Proposals::all(),
    ])->name('rules');

    Route::middleware('can:manage-firm')->group(function (): void {
        Route::get('/people', [PeopleController::class, 'index'])->name('people.index');
        Route::put('/people', [PeopleController::class, 'rename'])->name('people.rename');
        Route::put('/people/{member}', [PeopleController::class, 'update'])->name('people.update');
        Route::delete('/people/{member}', [PeopleController::class, 'destroy'])->name('people.destroy');
        Route::post('/people/{member}/password-link', [PeopleController::class, 'passwordLink'])->name('people.password-link');
        Route::post('/invitations', [InvitationController::class, 'store'])->name('invitations.store');
        Route::delete('/invitations/{invitation}', [InvitationController::class, 'destroy'])->name('invitations.destroy');
    });

    Route::get('/', [ProjectController::class, 'index'])->name('projects.index');
    Route::middleware('can:create,'.Project::class)->group(function (): void {
        Route::get('/projects/create', [ProjectController::class, 'create'])->name('projects.create');
        Route::get('/projects/create/floor', [ProjectController::class, 'floor'])->name('projects.floor');
        Route::get('/products', [ProductController::class, 'index'])->name('products.index');
        Route::post('/products', [ProductController::class, 'store'])->name('products.store');
        Route::get('/products/{product}', [ProductController::class, 'edit'])->name('products.edit');
        Route::put('/products/{product}', [ProductController::class, 'update'])->name('products.update');
        Route::delete('/products/{product}', [ProductController::class, 'destroy'])->name('products.destroy');
        Route::get('/prices', [PriceController::class, 'edit'])->name('prices.edit');
        Route::put('/prices', [PriceController::class, 'update'])->name('prices.update');
        Route::post('/projects', [ProjectController::class, 'store'])->name('projects.store');
        Route::post('/projects/import', [ProjectFileController::class, 'store'])->name('projects.import');
        Route::get('/trash', [TrashController::class, 'index'])->name('trash.index');
    });

    Route::prefix('/projects/{project}')->scopeBindings()->whereNumber(
        ['project', 'option', 'revision', 'study', 'choice', 'inspection', 'order', 'pack'],
    )->group(function (): void {
        Route::middleware('can:view,project')->group(function (): void {
            Route::get('/project.json', [ProjectFileController::class, 'show'])->name('projects.export');
            Route::get('/project.zip', [ProjectFileController::class, 'zip'])->name('projects.zip');
            Route::get('/site', [SiteController::class, 'edit'])->name('site.edit');
            Route::get('/options', [OptionController::class, 'index'])->name('options.index');
            Route::get('/compare', [CompareController::class, 'show'])->name('compare.show');
            Route::get('/compare.csv', [CompareController::class, 'csv'])->name('compare.csv');
            Route::get('/section/{option}/studies', [StudyController::class, 'show'])->name('studies.show');
            Route::get('/section/{option}/gain', [StudyController::class, 'moved'])->name('studies.before');
            Route::get('/section/{option?}', [SectionController::class, 'show'])->name('section.show');
            Route::get('/section/{option}/remedy', [SectionAidController::class, 'remedy'])->name('section.preview');
            Route::get('/section/{option}/parts', [SectionAidController::class, 'parts'])->name('section.parts');
            Route::get('/section/{option}/later/{kind}', LaterController::class)->name('later.show');
            Route::get('/section/{option}/frost/film', [FrostController::class, 'film'])->name('frost.film');
            Route::get('/section/{option}/damp', [DampController::class, 'show'])->name('damp.show');
            Route::get('/section/{option}/mass', [MassController::class, 'show'])->name('mass.show');
            Route::get(
                '/section/{option}/mass/{question}.json',
                [MassController::class, 'hours'],
            )->name('mass.hours')->whereIn('question', MassStory::QUESTIONS);
            Route::get(
                '/section/{option}/mass/{question}.csv',
                [MassController::class, 'csv'],
            )->name('mass.csv')->whereIn('question', MassStory::QUESTIONS);
            Route::get('/section/{option}/section.svg', [SectionFileController::class, 'drawing'])->name('section.drawing');
            Route::get('/section/{option}/section.dxf', [SectionFileController::class, 'dxf'])->name('section.dxf');
            Route::get('/section/{option}/assessment.json', [SectionFileController::class, 'assessment'])->name('section.assessment');
            Route::get('/section/{option}/field.vtk', [SectionFileController::class, 'field'])->name('section.field');
            Route::get('/section/{option}/history', [HistoryController::class, 'option'])->name('history.index');
            Route::get('/site/known', [SiteClimateController::class, 'implied'])->name('site.implied');
            Route::get('/site/history', [HistoryController::class, 'site'])->name('site.history');
            Route::get('/plan', [PlanController::class, 'show'])->name('plan.show');
            Route::get('/plan/set-out', [SurveyController::class, 'sheet'])->name('plan.set-out');
            Route::get('/plan/square', [SurveyController::class, 'square'])->name('plan.square');
            Route::get('/plan/walls', [SurveyController::class, 'walls'])->name('plan.walls');
            Route::get('/plan/levels', [SurveyController::class, 'levels'])->name('plan.levels');
            Route::get('/plan/plan.svg', [PlanController::class, 'drawing'])->name('plan.drawing');
            Route::get('/plan/plan.dxf', [PlanController::class, 'dxf'])->name('plan.dxf');
            Route::get('/plan/plan.csv', [PlanController::class, 'csv'])->name('plan.csv');
            Route::get('/sequence', [SequenceController::class, 'show'])->name('sequence.show');
            Route::get('/sequence.ics', [SequenceController::class, 'calendar'])->name('sequence.calendar');
            Route::get('/order', [OrderController::class, 'show'])->name('order.show');
            Route::get('/order.csv', [OrderController::class, 'csv'])->name('order.csv');
            Route::get('/log', [LogController::class, 'show'])->name('log.show');
            Route::get('/log/photos/{hash}', [LogController::class, 'photo'])->name('log.photo')->where('hash', '[0-9a-f]{64}');
            Route::get('/built', [BuiltController::class, 'show'])->name('built.show');
            Route::get('/built/{pack}/{format}', [BuiltController::class, 'pack'])->name('built.pack')->whereIn('format', ['pdf', 'html']);
            Route::get('/register', [RegisterController::class, 'show'])->name('register.show');
            Route::get('/release', [ReleaseController::class, 'show'])->name('release.show');
            Route::get('/inspections', [InspectionController::class, 'index'])->name('inspections.index');
            Route::get('/inspections/{inspection}', [InspectionController::class, 'show'])->name('inspections.show');
        });
        Route::post('/register/settle', [RegisterController::class, 'settle'])->name('register.settle')->middleware('can:pass,project');
        Route::post('/log/pass', [LogController::class, 'pass'])->name('log.pass')->middleware('can:pass,project');
        Route::middleware('can:inspect,project')->group(function (): void {
            Route::post('/register', [RegisterController::class, 'store'])->name('register.store');
            Route::post('/log', [LogController::class, 'store'])->name('log.store');
            Route::post('/plan/square', [SurveyController::class, 'tape'])->name('plan.tape');
            Route::post('/plan/levels', [SurveyController::class, 'rod'])->name('plan.rod');
            Route::post('/order/{order}', [OrderController::class, 'event'])->name('order.event');
            Route::get('/inspections/create', [InspectionController::class, 'create'])->name('inspections.create');
            Route::post('/inspections', [InspectionController::class, 'store'])->name('inspections.store');
            Route::put('/inspections/{inspection}', [InspectionController::class, 'update'])->name('inspections.update');
            Route::delete('/inspections/{inspection}', [InspectionController::class, 'destroy'])->name('inspections.destroy');
            Route::put(
                '/inspections/{inspection}/back', [InspectionController::class, 'restore'],
            )->name('inspections.restore')->withTrashed();
        });
        Route::middleware('can:update,project')->group(function (): void {
            Route::delete('/', [ProjectController::class, 'destroy'])->name('projects.destroy');
            Route::put('/products/{product}', [ProductController::class, 'follow'])->name('projects.product');
            Route::post('/plan', [PlanController::class, 'draw'])->name('plan.draw');
            Route::put('/plan', [PlanController::class, 'update'])->name('plan.update');
            Route::put('/plan/own', [PlanController::class, 'own'])->name('plan.own');
            Route::put('/plan/undo', [PlanController::class, 'undo'])->name('plan.undo');
            Route::put('/plan/redo', [PlanController::class, 'redo'])->name('plan.redo');
            Route::put('/sequence', [SequenceController::class, 'update'])->name('sequence.update');
            Route::post('/order', [OrderController::class, 'store'])->name('order.store');
            Route::put('/order', [OrderController::class, 'swap'])->name('order.swap');
            Route::post('/built', [BuiltController::class, 'store'])->name('built.store');
            Route::post('/release', [ReleaseController::class, 'store'])->name('release.store');
            Route::put('/release', [ReleaseController::class, 'update'])->name('release.update');
            Route::delete('/release', [ReleaseController::class, 'destroy'])->name('release.destroy');
            Route::put('/site', [SiteController::class, 'update'])->name('site.update');
            Route::put('/site/shell', [SiteController::class, 'shell'])->name('site.shell');
            Route::put('/site/undo', [SiteController::class, 'undo'])->name('site.undo');
            Route::put('/site/redo', [SiteController::class, 'redo'])->name('site.redo');
            Route::post('/section/{option}/say', [SiteController::class, 'say'])->name('site.say');
            Route::post('/site/climate', [SiteClimateController::class, 'file'])->name('site.climate');
            Route::post('/site/known', [SiteClimateController::class, 'known'])->name('site.known');
            Route::post('/section/{option}/studies/gain', [StudyController::class, 'gain'])->name('studies.gain');
            Route::post('/section/{option}/studies/search', [StudyController::class, 'search'])->name('studies.search');
            Route::post('/section/{option}/studies/wing', [StudyController::class, 'wing'])->name('studies.wing');
            Route::delete('/section/{option}/studies/{study}', [StudyController::class, 'stop'])->name('studies.stop');
            Route::post('/section/{option}/studies/{study}/{choice}', [StudyController::class, 'open'])->name('studies.open');
            Route::put('/section/{option}', [SectionController::class, 'update'])->name('section.update');
            Route::put('/section/{option}/field', [SectionController::class, 'ahead'])->name('section.ahead');
            Route::put('/section/{option}/undo', [SectionController::class, 'undo'])->name('section.undo');
            Route::put('/section/{option}/redo', [SectionController::class, 'redo'])->name('section.redo');
            Route::post('/section/{option}/history/{revision}', [HistoryController::class, 'returnOption'])->name('history.return');
            Route::post('/site/history/{revision}', [HistoryController::class, 'returnSite'])->name('site.return');
            Route::post('/options/{option}/copy', [OptionController::class, 'duplicate'])->name('options.duplicate');
            Route::put('/options/{option}', [OptionController::class, 'update'])->name('options.update');
            Route::put('/options/{option}/pin', [OptionController::class, 'pin'])->name('options.pin');
            Route::put('/options/{option}/place', [OptionController::class, 'move'])->name('options.move');
            Route::delete('/options/{option}', [OptionController::class, 'destroy'])->name('options.destroy');
            Route::get('/shares', [ShareController::class, 'index'])->name('shares.index');
            Route::get('/links', [ShareController::class, 'moved'])->name('shares.before');
            Route::post('/shares', [ShareController::class, 'store'])->name('shares.store');
            Route::delete('/shares/{share}', [ShareController::class, 'destroy'])->name('shares.destroy');
            Route::put('/trash', [TrashController::class, 'restoreProject'])->name('trash.project')->withTrashed();
            Route::put('/trash/{option}', [TrashController::class, 'restoreOption'])->name('trash.option')->withTrashed();
        });
        Route::middleware('can:purge,project')->group(function (): void {
            Route::delete('/trash', [TrashController::class, 'purgeProject'])->name('trash.purge-project')->withTrashed();
            Route::delete('/trash/{option}', [TrashController::class, 'purgeOption'])->name('trash.purge-option')->withTrashed();
        });
    });
});
