<?php

declare(strict_types=1);

use App\Entry\CalculationController;
use App\Entry\PageController;
use App\People\SignInController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(static function (): void {
    Route::get('calc', [CalculationController::class, 'index']);
    Route::post('calc/{name}', [CalculationController::class, 'compute'])->middleware('signed-in');

    // Through the door, in a shared shop alone.
    Route::middleware('shop')->group(static function (): void {
        Route::post('sign-in', [SignInController::class, 'store']);
        Route::post('ticket', [SignInController::class, 'ticket']);
        Route::post('join', [SignInController::class, 'join']);
        Route::post('pair', [SignInController::class, 'pair']);
        Route::post('recover', [SignInController::class, 'recover']);
        Route::middleware('bench')->group(__DIR__.'/people.php');
    });

    Route::middleware(['bench', 'machine'])->group(__DIR__.'/backup.php');

    Route::middleware(['bench', 'unchanged'])->group(static function (): void {
        require __DIR__.'/bench.php';
        require __DIR__.'/kit.php';
        require __DIR__.'/edges.php';
        require __DIR__.'/true.php';
        require __DIR__.'/work.php';
    });
    Route::any('{rest}', static fn () => abort(404))->where('rest', '.*');
});

Route::get('worker.js', [PageController::class, 'worker']);
Route::get('up', [PageController::class, 'health'])->withoutMiddleware('web');

Route::get('{page?}', [PageController::class, 'show'])->where('page', '(?!build/).*');
