<?php

declare(strict_types=1);

use App\Calendar\CalendarController;
use App\Carry\BenchFileController;
use App\Diary\DiaryController;
use App\Home\BenchController;
use App\Home\BenchesController;
use App\Home\BringController;
use App\Home\FileController;
use App\Home\HandsController;
use App\Home\SearchController;
use App\Home\Tables;
use App\Session\SessionController;
use Illuminate\Support\Facades\Route;

// What every place shares: the bench itself, sessions, files, the diary.
Route::get('pulse', [BenchController::class, 'pulse'])->middleware('backup');
Route::get('benches', [BenchesController::class, 'index']);
Route::post('benches', [BenchesController::class, 'store']);
Route::post('benches/file/preview', [BringController::class, 'preview'])->middleware('turn');
Route::post('benches/file', [BringController::class, 'store'])->middleware('turn');
Route::delete('benches/{place}/brought', [BringController::class, 'takeBack']);
Route::post('benches/{place}/enter', [BenchesController::class, 'enter']);
Route::get('bench', [BenchController::class, 'show']);
Route::get('bench/card.{kind}', [BenchController::class, 'card'])
    ->whereIn('kind', ['svg', 'pdf'])->middleware('turn');
Route::get('bench/whole.zip', [BenchFileController::class, 'show'])->middleware('turn');
Route::put('preferences', [BenchController::class, 'preferences']);
Route::get('search', [SearchController::class, 'index']);
Route::post('readings', [BenchController::class, 'read']);
Route::post('readings/step', [BenchController::class, 'step']);
Route::get('files/{what}.csv', [FileController::class, 'show'])->whereIn('what', Tables::allNames())
    ->middleware('turn');
Route::post('files/{what}/preview', [FileController::class, 'preview'])->whereIn('what', Tables::names())
    ->middleware('turn');
Route::post('files/{what}', [FileController::class, 'store'])->whereIn('what', Tables::names())->middleware('turn');
Route::get('sessions/{session}', [SessionController::class, 'show']);
Route::get('sessions/{session}/hands', [HandsController::class, 'show']);
Route::put('sessions/{session}', [SessionController::class, 'update']);
Route::post('sessions/{session}/finish', [SessionController::class, 'finish']);
Route::get('calendar.ics', [CalendarController::class, 'show']);
Route::get('diary', [DiaryController::class, 'index']);
Route::get('diary/{entry}', [DiaryController::class, 'show']);
Route::get('diary/{entry}/typed', [DiaryController::class, 'typed']);
Route::post('diary/{entry}/undo', [DiaryController::class, 'undo']);
