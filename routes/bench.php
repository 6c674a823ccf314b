<?php

declare(strict_types=1);

use App\Files\Tables;
use App\Http\Controllers\ExportCalendar;
use App\Http\Controllers\ExportTable;
use App\Http\Controllers\PreviewImport;
use App\Http\Controllers\PrintCard;
use App\Http\Controllers\Search;
use App\Http\Controllers\SetPreferences;
use App\Http\Controllers\ShowBench;
use App\Http\Controllers\ShowDiary;
use App\Http\Controllers\ShowPulse;
use App\Http\Controllers\StepReading;
use App\Http\Controllers\TakeImport;
use App\Http\Controllers\UndoEntry;
use App\Session\SessionController;
use Illuminate\Support\Facades\Route;

// What every place shares: the bench itself, sessions, files, the diary.
Route::get('pulse', ShowPulse::class);
Route::get('bench', ShowBench::class);
Route::get('bench/card.{kind}', PrintCard::class)->whereIn('kind', ['svg', 'pdf']);
Route::put('preferences', SetPreferences::class);
Route::get('search', Search::class);
Route::post('readings/step', StepReading::class);
Route::get('files/{what}.csv', ExportTable::class)->whereIn('what', Tables::names());
Route::post('files/{what}/preview', PreviewImport::class)->whereIn('what', Tables::names());
Route::post('files/{what}', TakeImport::class)->whereIn('what', Tables::names());
Route::get('sessions/{session}', [SessionController::class, 'show']);
Route::put('sessions/{session}', [SessionController::class, 'update']);
Route::post('sessions/{session}/finish', [SessionController::class, 'finish']);
Route::get('calendar.ics', ExportCalendar::class);
Route::get('diary', ShowDiary::class);
Route::post('diary/{entry}/undo', UndoEntry::class);
