<?php

declare(strict_types=1);

use App\Backup\BackupController;
use Illuminate\Support\Facades\Route;

// Of the whole machine: in a shared shop that is the terminal's.
Route::get('backups', [BackupController::class, 'index']);
Route::post('backups', [BackupController::class, 'store']);
Route::put('backups', [BackupController::class, 'settings']);
Route::post('backups/{backup}/back', [BackupController::class, 'goBack'])->where('backup', '[A-Za-z0-9-]+');
