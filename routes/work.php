<?php

declare(strict_types=1);

use App\Job\JobController;
use App\SetOut\SetOutController;
use Illuminate\Support\Facades\Route;

// Work: where the lines go, what is set to what, and the card of a work's settings.
Route::get('set-out', [SetOutController::class, 'index']);
Route::post('set-out/{question}/preview', [SetOutController::class, 'preview']);
Route::get('set-out/{question}/template/{what}.{kind}', [SetOutController::class, 'template'])
    ->whereIn('what', ['whole', 'sheets'])
    ->whereIn('kind', ['svg', 'pdf', 'dxf'])->middleware('turn');
Route::get('works/{work}/set-outs', [SetOutController::class, 'show']);
Route::post('works/{work}/set-outs', [SetOutController::class, 'store']);
Route::get('works/{work}/settings.{kind}', [SetOutController::class, 'card'])
    ->whereIn('kind', ['svg', 'pdf'])->middleware('turn');
Route::put('set-outs/{setOut}', [SetOutController::class, 'update']);
Route::post('set-outs/{setOut}/sessions', [SetOutController::class, 'cut']);
Route::delete('set-outs/{setOut}', [SetOutController::class, 'destroy']);
// A work as it is made.
Route::get('works/{work}/job', [JobController::class, 'ask']);
Route::post('works/{work}/jobs/preview', [JobController::class, 'preview']);
Route::post('works/{work}/jobs', [JobController::class, 'store']);
Route::get('jobs/{job}', [JobController::class, 'show']);
Route::post('jobs/{job}/sessions', [JobController::class, 'work']);
Route::post('jobs/{job}/steps', [JobController::class, 'tick']);
Route::post('jobs/{job}/photos', [JobController::class, 'photograph']);
Route::put('jobs/{job}/found', [JobController::class, 'found']);
Route::delete('jobs/{job}', [JobController::class, 'destroy']);
