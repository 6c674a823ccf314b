<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenShadowBoardSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\ShadowBoard;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class EditShadowBoard
{
    public function __invoke(SeenShadowBoardSheetRequest $request, Ledger $ledger, ShadowBoard $shadowBoard, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($ledger->bench, $format);
        $ledger->record('shadow-board-laid-out', $request->title(), "Laid out the {$request->title()} anew.", static function (Changes $changes) use ($shadowBoard, $values, $request): void {
            $changes->update($shadowBoard, $values, $request->version());
        });

        return (new ShowShadowBoards)($ledger->bench, $format);
    }
}
