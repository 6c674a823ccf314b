<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShadowBoardSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class AddShadowBoard
{
    public function __invoke(ShadowBoardSheetRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($ledger->bench, $format);
        $ledger->record('shadow-board-laid-out', $request->title(), "Laid out the {$request->title()}.", static function (Changes $changes) use ($values): void {
            $changes->create($changes->bench->shadowBoards(), $values);
        });

        return (new ShowShadowBoards)($ledger->bench, $format)->setStatusCode(201);
    }
}
