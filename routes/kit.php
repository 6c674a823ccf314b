<?php

declare(strict_types=1);

use App\Care\CareController;
use App\Care\ConsumableController;
use App\Edge\EdgeController;
use App\Home\UpkeepController;
use App\Kit\FitController;
use App\Kit\IdleController;
use App\Kit\KitController;
use App\Kit\OfferController;
use App\Kit\ToolController;
use App\Photo\PhotoController;
use App\School\SchoolController;
use App\ShadowBoard\ShadowBoardController;
use App\Stall\LookOverController;
use App\Work\WorkController;
use Illuminate\Support\Facades\Route;

// Kit: tools, works, the stall, the wall, care.
Route::get('kit', [KitController::class, 'show']);
Route::get('kit/ladder', [KitController::class, 'ladder'])->middleware('turn');
Route::get('kit/idle', [IdleController::class, 'show'])->middleware('turn');
Route::post('kit/idle/away', [IdleController::class, 'away']);
Route::post('tools/{tool}/hung', [IdleController::class, 'hung']);
Route::post('tools/{tool}/lent', [IdleController::class, 'lent']);
Route::put('tools/{tool}/kept', [IdleController::class, 'kept']);
Route::post('tools/{tool}/used', [IdleController::class, 'used']);
Route::get('kit/alternatives', [KitController::class, 'alternatives'])->middleware('turn');
Route::get('kit/school', [SchoolController::class, 'show']);
Route::put('kit/school', [SchoolController::class, 'update']);
Route::post('kit/offers/{offer}/got', [OfferController::class, 'got']);
Route::post('kit/offers/{offer}/want', [OfferController::class, 'want']);
Route::get('kinds', [KitController::class, 'kinds']);
Route::post('tools', [ToolController::class, 'store']);
Route::post('tools/preview', [ToolController::class, 'preview']);
Route::get('tools/{tool}', [ToolController::class, 'show']);
Route::put('tools/{tool}', [ToolController::class, 'update']);
Route::delete('tools/{tool}', [ToolController::class, 'destroy']);
Route::put('tools/{tool}/price', [ToolController::class, 'price']);
Route::put('tools/{tool}/condition', [ToolController::class, 'condition']);
Route::post('tools/{tool}/got', [ToolController::class, 'got']);
Route::post('tools/{tool}/strokes', [ToolController::class, 'strokes']);
Route::post('tools/{tool}/edges', [EdgeController::class, 'store']);
Route::get('looks', [LookOverController::class, 'index']);
Route::post('looks', [LookOverController::class, 'store']);
Route::get('looks/{look}', [LookOverController::class, 'show']);
Route::put('looks/{look}', [LookOverController::class, 'update']);
Route::post('looks/{look}/bought', [LookOverController::class, 'buy']);
Route::post('looks/{look}/left', [LookOverController::class, 'leave']);
Route::post('looks/{look}/photos', [LookOverController::class, 'photograph']);
Route::get('photos/{photo}', [PhotoController::class, 'show']);
Route::delete('photos/{photo}', [PhotoController::class, 'destroy']);
Route::post('upkeep/{key}/done', [UpkeepController::class, 'done']);
Route::get('care', [CareController::class, 'show']);
Route::put('care/damp', [CareController::class, 'damp']);
Route::post('consumables', [ConsumableController::class, 'store']);
Route::delete('consumables/{consumable}', [ConsumableController::class, 'destroy']);
Route::get('works', [WorkController::class, 'index']);
Route::post('works', [WorkController::class, 'store']);
Route::post('works/preview', [WorkController::class, 'preview']);
Route::get('works/{work}', [WorkController::class, 'show']);
Route::put('works/{work}', [WorkController::class, 'update']);
Route::put('works/{work}/chosen', [WorkController::class, 'choose']);
Route::delete('works/{work}', [WorkController::class, 'destroy']);
Route::get('operations', [WorkController::class, 'operations']);
Route::get('fit', [FitController::class, 'index']);
Route::post('fit/{question}', [FitController::class, 'answer']);
Route::get('shadow-boards', [ShadowBoardController::class, 'index']);
Route::post('shadow-boards', [ShadowBoardController::class, 'store']);
Route::post('shadow-boards/preview', [ShadowBoardController::class, 'preview'])->middleware('turn');
Route::put('shadow-boards/{shadowBoard}', [ShadowBoardController::class, 'update']);
Route::delete('shadow-boards/{shadowBoard}', [ShadowBoardController::class, 'destroy']);
Route::get('shadow-boards/{shadowBoard}/{what}.{kind}', [ShadowBoardController::class, 'print'])
    ->where('what', 'whole|sheets|[A-Z]{1,2}[0-9]{1,2}')
    ->whereIn('kind', ['svg', 'pdf'])->middleware('turn');
