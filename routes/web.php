<?php

declare(strict_types=1);

use App\Entry\CalculationController;
use App\Entry\PageController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(static function (): void {
    Route::get('calc', [CalculationController::class, 'index']);
    Route::post('calc/{name}', [CalculationController::class, 'compute']);

    Route::middleware(['bench', 'unchanged'])->group(static function (): void {
        require __DIR__.'/bench.php';
        require __DIR__.'/kit.php';
        require __DIR__.'/edges.php';
        require __DIR__.'/true.php';
        require __DIR__.'/work.php';
    });
    Route::any('{rest}', static fn () => abort(404))->where('rest', '.*');
});

Route::get('up', [PageController::class, 'health'])->withoutMiddleware('web');

Route::get('{page?}', [PageController::class, 'show'])->where('page', '(?!build/).*');
