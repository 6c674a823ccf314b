<?php

declare(strict_types=1);

use App\Blank\BlankController;
use App\Eye\EyeController;
use App\Instrument\InstrumentController;
use App\Making\MakingController;
use App\Making\PlanController;
use App\Reference\KnownSquareController;
use App\Reference\ReferenceController;
use App\Reference\TestController;
use App\Reference\ThreeEdgesController;
use App\Reference\WindingController;
use App\Season\SeasonController;
use App\Wood\WoodController;
use Illuminate\Support\Facades\Route;

// True: references under test, the season, blanks, plans.
Route::get('instrument', [InstrumentController::class, 'read']);
Route::get('instrument/air', [InstrumentController::class, 'air']);
Route::get('references', [ReferenceController::class, 'index']);
Route::post('references', [ReferenceController::class, 'store']);
Route::get('references/known', [KnownSquareController::class, 'show']);
Route::post('references/known/preview', [KnownSquareController::class, 'preview']);
Route::post('references/known', [KnownSquareController::class, 'store']);
Route::get('references/{reference}', [ReferenceController::class, 'show']);
Route::delete('references/{reference}', [ReferenceController::class, 'destroy']);
Route::post('references/{reference}/drops', [ReferenceController::class, 'drop']);
Route::put('references/{reference}/wood', [ReferenceController::class, 'wood']);
Route::post('references/{reference}/preview', [TestController::class, 'preview']);
Route::post('references/{reference}/tests', [TestController::class, 'store']);
Route::post('references/{reference}/sessions', [TestController::class, 'plane']);
Route::get('three-edges', [ThreeEdgesController::class, 'show']);
Route::post('three-edges/preview', [ThreeEdgesController::class, 'preview']);
Route::post('three-edges/tests', [ThreeEdgesController::class, 'store']);
Route::post('three-edges/sessions', [ThreeEdgesController::class, 'plane']);
Route::get('season', [SeasonController::class, 'show']);
Route::post('season/air', [SeasonController::class, 'record']);
Route::delete('season/stretches/{stretch}', [SeasonController::class, 'destroy']);
Route::get('blanks', [BlankController::class, 'index']);
Route::post('blanks', [BlankController::class, 'store']);
Route::post('blanks/preview', [BlankController::class, 'preview']);
Route::put('blanks/{blank}', [BlankController::class, 'update']);
Route::delete('blanks/{blank}', [BlankController::class, 'destroy']);
Route::post('blanks/{blank}/measures', [BlankController::class, 'measure']);
Route::get('plans', [PlanController::class, 'index']);
Route::post('plans/{plan}/preview', [PlanController::class, 'preview']);
Route::post('plans/{plan}/needs', [PlanController::class, 'needs']);
Route::post('plans/{plan}/makings', [PlanController::class, 'make']);
Route::get('plans/{plan}/template/{what}.{kind}', [PlanController::class, 'print'])
    ->where('what', 'whole|sheets|[A-Z]{1,2}[0-9]{1,2}')
    ->whereIn('kind', ['svg', 'pdf'])->middleware('turn');
Route::get('makings/{making}', [MakingController::class, 'show']);
Route::post('makings/{making}/sessions', [MakingController::class, 'work']);
Route::delete('makings/{making}', [MakingController::class, 'destroy']);
Route::get('wood', [WoodController::class, 'show']);
Route::post('wood/preview', [WoodController::class, 'preview']);
Route::get('winding', [WindingController::class, 'show']);
Route::post('winding/preview', [WindingController::class, 'preview']);
Route::post('winding/tests', [WindingController::class, 'store']);
Route::post('winding/sessions', [WindingController::class, 'plane']);
// What an eye sees.
Route::get('eye', [EyeController::class, 'index']);
Route::post('eye/{exercise}/runs', [EyeController::class, 'store']);
Route::get('eye-runs/{eyeRun}', [EyeController::class, 'show']);
Route::put('eye-runs/{eyeRun}', [EyeController::class, 'answer']);
