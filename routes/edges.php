<?php

declare(strict_types=1);

use App\Auger\AugerController;
use App\Day\DayController;
use App\Edge\CurveController;
use App\Edge\EdgeController;
use App\Edge\GeometryController;
use App\Edge\HoningController;
use App\Edge\LogController;
use App\Guide\GuideController;
use App\Rack\RackController;
use App\Rack\StoneController;
use App\Saw\SawController;
use App\Scraper\ScraperController;
use Illuminate\Support\Facades\Route;

// Edges: the rack, guides, and each kind of edge.
Route::get('rack', [RackController::class, 'show']);
Route::post('rack/preview', [RackController::class, 'preview']);
Route::post('stones', [StoneController::class, 'store']);
Route::put('stones/{stone}', [StoneController::class, 'update']);
Route::delete('stones/{stone}', [StoneController::class, 'destroy']);
Route::post('stones/{stone}/flattened', [StoneController::class, 'flatten']);
Route::post('stones/{stone}/renewed', [StoneController::class, 'renew']);
Route::get('guides', [GuideController::class, 'index']);
Route::post('guides', [GuideController::class, 'store']);
Route::post('guides/preview', [GuideController::class, 'preview']);
Route::put('guides/{guide}', [GuideController::class, 'update']);
Route::delete('guides/{guide}', [GuideController::class, 'destroy']);
Route::get('guides/{guide}/board.{kind}', [GuideController::class, 'board'])
    ->whereIn('kind', ['svg', 'pdf'])->middleware('turn');
Route::get('augers', [AugerController::class, 'index']);
Route::get('augers/{auger}', [AugerController::class, 'show']);
Route::put('augers/{auger}', [AugerController::class, 'update']);
Route::post('augers/{auger}/preview', [AugerController::class, 'preview']);
Route::post('augers/{auger}/sessions', [AugerController::class, 'file']);
Route::get('scrapers', [ScraperController::class, 'index']);
Route::get('scrapers/{scraper}', [ScraperController::class, 'show']);
Route::post('scrapers/{scraper}/preview', [ScraperController::class, 'preview']);
Route::post('scrapers/{scraper}/sessions', [ScraperController::class, 'turn']);
Route::get('saws', [SawController::class, 'index']);
Route::get('saws/{saw}', [SawController::class, 'show']);
Route::put('saws/{saw}', [SawController::class, 'update']);
Route::post('saws/{saw}/preview', [SawController::class, 'preview']);
Route::post('saws/{saw}/sessions', [SawController::class, 'file']);
Route::get('saws/{saw}/template/{what}.{kind}', [SawController::class, 'template'])
    ->where('what', 'whole|sheets|[A-Z]{1,2}[0-9]{1,2}')
    ->whereIn('kind', ['svg', 'pdf'])->middleware('turn');
Route::post('day', [DayController::class, 'plan'])->middleware('turn');
Route::post('day/sessions', [DayController::class, 'start']);
Route::get('edges', [EdgeController::class, 'index']);
Route::get('edges/outlook', [EdgeController::class, 'outlook']);
Route::delete('edges/{edge}', [EdgeController::class, 'destroy']);
Route::get('edges/{edge}/geometry', [GeometryController::class, 'show']);
Route::put('edges/{edge}/geometry', [GeometryController::class, 'update']);
Route::post('edges/{edge}/geometry/preview', [GeometryController::class, 'preview']);
Route::get('edges/{edge}/curve', [CurveController::class, 'show']);
Route::put('edges/{edge}/curve', [CurveController::class, 'update']);
Route::post('edges/{edge}/curve/preview', [CurveController::class, 'preview']);
Route::get('edges/{edge}/curve.{kind}', [CurveController::class, 'template'])
    ->whereIn('kind', ['svg', 'pdf'])->middleware('turn');
Route::get('edges/{edge}/log', [LogController::class, 'show']);
Route::post('edges/{edge}/events', [LogController::class, 'event']);
Route::post('edges/{edge}/trials', [LogController::class, 'trial']);
Route::get('edges/{edge}', [EdgeController::class, 'show']);
Route::post('edges/{edge}/plan', [HoningController::class, 'plan']);
Route::post('edges/{edge}/bevel', [HoningController::class, 'bevel']);
Route::post('edges/{edge}/condition', [HoningController::class, 'condition']);
Route::post('edges/{edge}/sessions', [HoningController::class, 'hone']);
