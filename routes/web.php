<?php

declare(strict_types=1);

use App\Http\Controllers\AcceptanceController;
use App\Http\Controllers\AreaController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BoardTemplateController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\CataloguePartController;
use App\Http\Controllers\CatalogueTableController;
use App\Http\Controllers\HouseRulesController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\MeterController;
use App\Http\Controllers\OfferController;
use App\Http\Controllers\OtherRoutesController;
use App\Http\Controllers\PartController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PersonController;
use App\Http\Controllers\PhotographController;
use App\Http\Controllers\PhotographUploadController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanVersionController;
use App\Http\Controllers\ProposalController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\RemedyController;
use App\Http\Controllers\SentChangeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShedController;
use App\Http\Controllers\ShopSettingsController;
use App\Http\Controllers\ShortController;
use App\Http\Controllers\SupplyController;
use App\Http\Controllers\SurveySheetController;
use App\Http\Controllers\WorkSheetController;
use App\Http\Middleware\EndedSession;
use App\Http\Middleware\WellFormed;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->middleware(WellFormed::class)->group(function (): void {
    Route::post('session', [SessionController::class, 'store']);
    Route::post('password-links', [PasswordController::class, 'set'])->middleware('throttle:20,1');

    Route::middleware(['auth', EndedSession::class])->group(function (): void {
        Route::get('session', [SessionController::class, 'show']);
        Route::delete('session', [SessionController::class, 'destroy']);
        Route::put('password', [PasswordController::class, 'change']);
        Route::get('people', [PersonController::class, 'index']);
        Route::delete('people/{person}/sessions', [PersonController::class, 'endSessions'])->where('person', '[0-9]{1,9}');
        Route::get('catalogue', CatalogueController::class);
        Route::post('catalogue/parts', [CataloguePartController::class, 'store']);
        Route::put('catalogue/parts/{part}', [CataloguePartController::class, 'update'])->where('part', '[0-9]{1,9}');
        Route::get('catalogue/table', [CatalogueTableController::class, 'show']);
        Route::post('catalogue/table', [CatalogueTableController::class, 'store']);
        Route::get('settings', [ShopSettingsController::class, 'show']);
        Route::put('settings', [ShopSettingsController::class, 'keep']);
        Route::get('house-rules', [HouseRulesController::class, 'show']);
        Route::put('house-rules', [HouseRulesController::class, 'keep']);
        Route::post('house-rules/try', [HouseRulesController::class, 'try']);
        Route::get('shed', ShedController::class);
        Route::post('jobs', [JobController::class, 'store']);
        Route::get('jobs/{job}', [JobController::class, 'show'])->whereNumber('job');
        Route::post('jobs/{job}/plan/edits', [PlanController::class, 'edit'])->whereNumber('job');
        Route::post('jobs/{job}/plan/preview', [PlanController::class, 'preview'])->whereNumber('job');
        Route::get('jobs/{job}/log', [PlanController::class, 'log'])->whereNumber('job');
        Route::get('jobs/{job}/offers', OfferController::class)->whereNumber('job');
        Route::post('jobs/{job}/plan/proposals', ProposalController::class)->whereNumber('job');
        Route::get('jobs/{job}/bench', BenchController::class)->whereNumber('job');
        Route::post('jobs/{job}/plan/undo', [PlanController::class, 'undo'])->whereNumber('job');
        Route::post('jobs/{job}/plan/redo', [PlanController::class, 'redo'])->whereNumber('job');
        Route::post('jobs/{job}/plan/parts', [PartController::class, 'store'])->whereNumber('job');
        Route::delete('jobs/{job}/plan/parts', [PartController::class, 'destroy'])->whereNumber('job');
        Route::put('jobs/{job}/plan', [PlanVersionController::class, 'replace'])->whereNumber('job');
        Route::post('jobs/{job}/plan/comparison', [PlanVersionController::class, 'compare'])->whereNumber('job');
        Route::get('jobs/{job}/plan/versions/{number}', [PlanVersionController::class, 'show'])->whereNumber('job')->where('number', '[0-9]{1,9}');
        Route::post('jobs/{job}/plan/versions/{number}/restore', [PlanVersionController::class, 'restore'])->whereNumber('job')->where('number', '[0-9]{1,9}');
        Route::get('changes/{id}', SentChangeController::class)->whereUuid('id');
        Route::get('jobs/{job}/plan', [PlanController::class, 'export'])->whereNumber('job');
        Route::get('jobs/{job}/why', [PlanController::class, 'why'])->whereNumber('job');
        Route::get('jobs/{job}/remedies', RemedyController::class)->whereNumber('job');
        Route::get('jobs/{job}/supply', SupplyController::class)->whereNumber('job');
        Route::get('jobs/{job}/meter', MeterController::class)->whereNumber('job');
        Route::get('jobs/{job}/short', ShortController::class)->whereNumber('job');
        Route::get('jobs/{job}/work-sheet', WorkSheetController::class)->whereNumber('job');
        Route::get('jobs/{job}/survey-sheet', SurveySheetController::class)->whereNumber('job');
        Route::get('jobs/{job}/stages/{stage}', AreaController::class)->whereNumber('job')->where('stage', '[a-z-]{1,40}');
        Route::get('jobs/{job}/routes', OtherRoutesController::class)->whereNumber('job');
        Route::get('jobs/{job}/boards/{board}', BoardTemplateController::class)->whereNumber('job');
        Route::post('jobs/{job}/photographs/uploads', [PhotographUploadController::class, 'store'])->whereNumber('job');
        Route::get('jobs/{job}/photographs/uploads/{upload}', [PhotographUploadController::class, 'show'])->whereNumber('job')->whereUuid('upload');
        Route::patch('jobs/{job}/photographs/uploads/{upload}', [PhotographUploadController::class, 'append'])->whereNumber('job')->whereUuid('upload');
        Route::get('jobs/{job}/photographs/{photograph}', PhotographController::class)->whereNumber('job')->where('photograph', '[0-9a-f]{64}');
        Route::post('jobs/{job}/decisions', [AcceptanceController::class, 'store'])->whereNumber('job');
        Route::delete('jobs/{job}/decisions/{acceptance}', [AcceptanceController::class, 'destroy'])->whereNumber('job')->whereNumber('acceptance');
        Route::post('jobs/{job}/readings', [ReadingController::class, 'store'])->whereNumber('job');
    });
});

// Everything else is the page; it shows what its address says.
Route::view('{any?}', 'app')->where('any', '^(?!api/|build/).*$');
