<?php

declare(strict_types=1);

use App\Http\Controllers\AddEdge;
use App\Http\Controllers\AddGuide;
use App\Http\Controllers\AddStone;
use App\Http\Controllers\AddTool;
use App\Http\Controllers\AddWork;
use App\Http\Controllers\AnswerFit;
use App\Http\Controllers\ChangePrice;
use App\Http\Controllers\ChooseWork;
use App\Http\Controllers\ComputeCalculation;
use App\Http\Controllers\CountStrokes;
use App\Http\Controllers\EditGuide;
use App\Http\Controllers\EditStone;
use App\Http\Controllers\EditTool;
use App\Http\Controllers\EditWork;
use App\Http\Controllers\ExportTable;
use App\Http\Controllers\FinishSession;
use App\Http\Controllers\FlattenStone;
use App\Http\Controllers\GotOffer;
use App\Http\Controllers\GotTool;
use App\Http\Controllers\KeepGeometry;
use App\Http\Controllers\ListCalculations;
use App\Http\Controllers\PlanDay;
use App\Http\Controllers\PlanEdge;
use App\Http\Controllers\PreviewGeometry;
use App\Http\Controllers\PreviewGuide;
use App\Http\Controllers\PreviewImport;
use App\Http\Controllers\PreviewSquare;
use App\Http\Controllers\PreviewStone;
use App\Http\Controllers\PreviewTool;
use App\Http\Controllers\PreviewWork;
use App\Http\Controllers\PrintBoard;
use App\Http\Controllers\RecordBevel;
use App\Http\Controllers\RecordDrop;
use App\Http\Controllers\RecordEvent;
use App\Http\Controllers\RecordSquareTest;
use App\Http\Controllers\RecordTrial;
use App\Http\Controllers\RemoveEdge;
use App\Http\Controllers\RemoveGuide;
use App\Http\Controllers\RemoveStone;
use App\Http\Controllers\RemoveTool;
use App\Http\Controllers\RemoveWork;
use App\Http\Controllers\RenewStone;
use App\Http\Controllers\ReportEdge;
use App\Http\Controllers\SaveSession;
use App\Http\Controllers\Search;
use App\Http\Controllers\SetPreferences;
use App\Http\Controllers\SetSchool;
use App\Http\Controllers\ShowAlternatives;
use App\Http\Controllers\ShowApp;
use App\Http\Controllers\ShowBench;
use App\Http\Controllers\ShowDiary;
use App\Http\Controllers\ShowEdge;
use App\Http\Controllers\ShowEdges;
use App\Http\Controllers\ShowFits;
use App\Http\Controllers\ShowGeometry;
use App\Http\Controllers\ShowGuides;
use App\Http\Controllers\ShowHealth;
use App\Http\Controllers\ShowKinds;
use App\Http\Controllers\ShowKit;
use App\Http\Controllers\ShowLadder;
use App\Http\Controllers\ShowLog;
use App\Http\Controllers\ShowOperations;
use App\Http\Controllers\ShowOutlook;
use App\Http\Controllers\ShowPulse;
use App\Http\Controllers\ShowRack;
use App\Http\Controllers\ShowSchool;
use App\Http\Controllers\ShowSession;
use App\Http\Controllers\ShowSquare;
use App\Http\Controllers\ShowSquares;
use App\Http\Controllers\ShowTool;
use App\Http\Controllers\ShowWork;
use App\Http\Controllers\ShowWorks;
use App\Http\Controllers\StartDay;
use App\Http\Controllers\StartSession;
use App\Http\Controllers\StepReading;
use App\Http\Controllers\TakeImport;
use App\Http\Controllers\UndoEntry;
use App\Http\Controllers\WantOffer;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(static function (): void {
    Route::get('calc', ListCalculations::class);
    Route::post('calc/{name}', ComputeCalculation::class);

    Route::middleware('bench')->group(static function (): void {
        Route::get('pulse', ShowPulse::class);
        Route::get('bench', ShowBench::class);
        Route::put('preferences', SetPreferences::class);
        Route::get('search', Search::class);
        Route::post('readings/step', StepReading::class);

        Route::get('kit', ShowKit::class);
        Route::get('kit/ladder', ShowLadder::class);
        Route::get('kit/alternatives', ShowAlternatives::class);
        Route::get('kit/school', ShowSchool::class);
        Route::put('kit/school', SetSchool::class);
        Route::post('kit/offers/{offer}/got', GotOffer::class);
        Route::post('kit/offers/{offer}/want', WantOffer::class);
        Route::get('kinds', ShowKinds::class);
        Route::post('tools', AddTool::class);
        Route::post('tools/preview', PreviewTool::class);
        Route::get('tools/{tool}', ShowTool::class);
        Route::put('tools/{tool}', EditTool::class);
        Route::delete('tools/{tool}', RemoveTool::class);
        Route::put('tools/{tool}/price', ChangePrice::class);
        Route::post('tools/{tool}/got', GotTool::class);
        Route::post('tools/{tool}/strokes', CountStrokes::class);
        Route::post('tools/{tool}/edges', AddEdge::class);
        Route::get('works', ShowWorks::class);
        Route::post('works', AddWork::class);
        Route::post('works/preview', PreviewWork::class);
        Route::get('works/{work}', ShowWork::class);
        Route::put('works/{work}', EditWork::class);
        Route::put('works/{work}/chosen', ChooseWork::class);
        Route::delete('works/{work}', RemoveWork::class);
        Route::get('operations', ShowOperations::class);
        Route::get('fit', ShowFits::class);
        Route::post('fit/{question}', AnswerFit::class);

        Route::get('rack', ShowRack::class);
        Route::post('rack/preview', PreviewStone::class);
        Route::post('stones', AddStone::class);
        Route::put('stones/{stone}', EditStone::class);
        Route::delete('stones/{stone}', RemoveStone::class);
        Route::post('stones/{stone}/flattened', FlattenStone::class);
        Route::post('stones/{stone}/renewed', RenewStone::class);

        Route::get('guides', ShowGuides::class);
        Route::post('guides', AddGuide::class);
        Route::post('guides/preview', PreviewGuide::class);
        Route::put('guides/{guide}', EditGuide::class);
        Route::delete('guides/{guide}', RemoveGuide::class);
        Route::get('guides/{guide}/board.{kind}', PrintBoard::class)->whereIn('kind', ['svg', 'pdf']);

        Route::post('day', PlanDay::class);
        Route::post('day/sessions', StartDay::class);

        Route::get('files/{what}.csv', ExportTable::class)->whereIn('what', ['diary', 'rack']);
        Route::post('files/{what}/preview', PreviewImport::class)->whereIn('what', ['diary', 'rack']);
        Route::post('files/{what}', TakeImport::class)->whereIn('what', ['diary', 'rack']);

        Route::get('edges', ShowEdges::class);
        Route::get('edges/outlook', ShowOutlook::class);
        Route::delete('edges/{edge}', RemoveEdge::class);
        Route::get('edges/{edge}/geometry', ShowGeometry::class);
        Route::put('edges/{edge}/geometry', KeepGeometry::class);
        Route::post('edges/{edge}/geometry/preview', PreviewGeometry::class);
        Route::get('edges/{edge}/log', ShowLog::class);
        Route::post('edges/{edge}/events', RecordEvent::class);
        Route::post('edges/{edge}/trials', RecordTrial::class);
        Route::get('edges/{edge}', ShowEdge::class);
        Route::post('edges/{edge}/plan', PlanEdge::class);
        Route::post('edges/{edge}/bevel', RecordBevel::class);
        Route::post('edges/{edge}/condition', ReportEdge::class);
        Route::post('edges/{edge}/sessions', StartSession::class);
        Route::get('sessions/{session}', ShowSession::class);
        Route::put('sessions/{session}', SaveSession::class);
        Route::post('sessions/{session}/finish', FinishSession::class);

        Route::get('squares', ShowSquares::class);
        Route::get('squares/{square}', ShowSquare::class);
        Route::post('squares/{square}/preview', PreviewSquare::class);
        Route::post('squares/{square}/tests', RecordSquareTest::class);
        Route::post('squares/{square}/drops', RecordDrop::class);

        Route::get('diary', ShowDiary::class);
        Route::post('diary/{entry}/undo', UndoEntry::class);
    });
    Route::any('{rest}', static fn () => abort(404))->where('rest', '.*');
});

Route::get('up', ShowHealth::class)->withoutMiddleware('web');

Route::get('{page?}', ShowApp::class)->where('page', '(?!build/).*');
