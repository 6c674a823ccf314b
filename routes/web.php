<?php

declare(strict_types=1);

use App\Http\Controllers\ComputeCalculation;
use App\Http\Controllers\ListCalculations;
use App\Http\Controllers\ShowApp;
use App\Http\Controllers\ShowHealth;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(static function (): void {
    Route::get('calc', ListCalculations::class);
    Route::post('calc/{name}', ComputeCalculation::class);

    Route::middleware('bench')->group(static function (): void {
        require __DIR__.'/bench.php';
        require __DIR__.'/kit.php';
        require __DIR__.'/edges.php';
        require __DIR__.'/true.php';
    });
    Route::any('{rest}', static fn () => abort(404))->where('rest', '.*');
});

Route::get('up', ShowHealth::class)->withoutMiddleware('web');

Route::get('{page?}', ShowApp::class)->where('page', '(?!build/).*');
