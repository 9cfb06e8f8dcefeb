<?php

declare(strict_types=1);

use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\BecauseController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\CompanyController;
use App\Http\Controllers\ConfirmationController;
use App\Http\Controllers\DesignController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FillController;
use App\Http\Controllers\HazardController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\IssuedController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\OwnCopyController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PreviewController;
use App\Http\Controllers\ReadyController;
use App\Http\Controllers\SchoolsController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\WeatherController;
use App\Models\PaperKind;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/jobs');
Route::get('/ready', ReadyController::class)->withoutMiddleware(['web']);
Route::get('/up', static fn (): Response => new Response('up', 200, ['Content-Type' => 'text/plain']))->withoutMiddleware(['web']);

// As long as a number that the database can count with.
Route::patterns(array_fill_keys(['job', 'design', 'issuedPlan', 'invitation', 'member'], '[0-9]{1,18}'));

Route::middleware(['guest', 'throttle:login'])->group(static function (): void {
    Route::get('/login', [SessionController::class, 'create'])->name('login');
    Route::post('/login', [SessionController::class, 'store']);
    Route::post('/demo', [SessionController::class, 'demo']);
    Route::get('/invitation/{token}', [CompanyController::class, 'invitation'])->where('token', '[A-Za-z0-9]{1,60}');
    Route::post('/invitation/{token}', [CompanyController::class, 'join'])->where('token', '[A-Za-z0-9]{1,60}');
    Route::get('/forgot-password', [PasswordController::class, 'ask']);
    Route::post('/forgot-password', [PasswordController::class, 'send']);
    Route::get('/reset-password/{token}', [PasswordController::class, 'form'])->where('token', '[A-Za-z0-9]{1,80}')->name('password.reset');
    Route::post('/reset-password/{token}', [PasswordController::class, 'reset'])->where('token', '[A-Za-z0-9]{1,80}');
});

Route::get('/issued/{issuedPlan}/paper/{kind}', [IssuedController::class, 'paper'])->middleware('signed:relative')->name('issued.paper');

Route::middleware(['auth', 'throttle:desk'])->group(static function (): void {
    Route::post('/logout', [SessionController::class, 'destroy']);
    Route::get('/jobs', [JobController::class, 'index']);
    Route::get('/jobs/new', [JobController::class, 'create'])->middleware('can:start');
    Route::post('/jobs', [JobController::class, 'store'])->middleware('can:start');

    Route::get('/company', [CompanyController::class, 'show']);
    Route::get('/company/catalogue.json', [CatalogueController::class, 'file']);
    Route::get('/company/catalogue.csv', [CatalogueController::class, 'table']);
    Route::post('/company/catalogue', [CatalogueController::class, 'import'])->middleware('can:start');
    Route::put('/company/rates', [CompanyController::class, 'rates'])->middleware('can:start');
    Route::post('/company/leave', [CompanyController::class, 'leave']);
    Route::post('/company/sessions/end', [CompanyController::class, 'endSessions']);
    Route::middleware('can:manage')->group(static function (): void {
        Route::post('/company/invitations', [CompanyController::class, 'invite']);
        Route::delete('/company/invitations/{invitation}', [CompanyController::class, 'withdraw']);
        Route::patch('/company/members/{member}', [CompanyController::class, 'change']);
    });

    Route::prefix('/jobs/{job}')->middleware('can:view,job')->group(static function (): void {
        Route::get('/', [JobController::class, 'show']);
        Route::get('/print/{kind}', [JobController::class, 'print']);
        Route::get('/stage/{stage}', [JobController::class, 'stage'])->whereIn('stage', array_unique([...App\Desk\Stages::KEYS, ...App\Desk\Stages::OF_TABLES]));
        Route::get('/view', [DesignController::class, 'show']);
        Route::get('/because', [BecauseController::class, 'show']);
        Route::get('/table/beside', [TableController::class, 'beside']);
        Route::get('/table/kinds', [TableController::class, 'kinds']);
        Route::post('/table/levels', [TableController::class, 'levels'])->middleware('can:update,job');
        Route::post('/because', [BecauseController::class, 'whatIf']);
        Route::get('/export/{file}', ExportController::class)->whereIn('file', ExportController::FILES);
        Route::post('/designs', [DesignController::class, 'store'])->middleware('can:update,job');
        Route::get('/designs', [HistoryController::class, 'index']);
        Route::get('/hazards', HazardController::class);
        Route::get('/table/weather', WeatherController::class);
        Route::get('/issued', [IssuedController::class, 'index']);
        Route::scopeBindings()->group(static function (): void {
            Route::get('/issued/{issuedPlan}/{file}', [IssuedController::class, 'file'])->whereIn('file', ['plan.json', ...array_map(static fn (PaperKind $kind): string => $kind->file().'.pdf', PaperKind::cases())]);
            Route::post('/issued/{issuedPlan}/paper', [IssuedController::class, 'again'])->middleware('can:issue,job');
        });
        Route::post('/issued', [IssuedController::class, 'store'])->middleware('can:issue,job');
        Route::get('/archive.json', ArchiveController::class)->middleware('can:archive,job');
        Route::get('/compare', [HistoryController::class, 'compare']);
        Route::middleware('can:update,job')->prefix('/designs')->scopeBindings()->group(static function (): void {
            Route::post('/undo', [HistoryController::class, 'undo']);
            Route::post('/redo', [HistoryController::class, 'redo']);
            Route::post('/{design}/again', [HistoryController::class, 'again']);
            Route::post('/{design}/onto', [HistoryController::class, 'onto']);
        });
        Route::post('/preview', [PreviewController::class, 'show'])->middleware('can:update,job');
        Route::post('/beside', [PreviewController::class, 'beside']);
        Route::post('/fill', FillController::class)->middleware('can:update,job');
        Route::post('/schools', SchoolsController::class)->middleware('can:update,job');
        Route::middleware('can:update,job')->prefix('/catalogue/{part}')->group(static function (): void {
            Route::post('/', [CatalogueController::class, 'index']);
            Route::post('/keep', [CatalogueController::class, 'keep']);
            Route::post('/{item}', [CatalogueController::class, 'take'])->whereNumber('item')->where('item', '-?\d{1,12}');
        });
        Route::post('/own-copies', [OwnCopyController::class, 'store'])->middleware('can:sign,job');
        Route::post('/own-copies/take', [OwnCopyController::class, 'take'])->middleware('can:update,job');
        Route::post('/confirmations', [ConfirmationController::class, 'store'])->middleware('can:sign,job');
        Route::post('/confirmations/take', [ConfirmationController::class, 'take'])->middleware('can:sign,job');
    });
});
