<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BlankRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class AddBlank
{
    public function __invoke(BlankRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $columns = $request->columns($format);
        $entry = $ledger->record('blank-laid', $columns['name'], "Laid the {$columns['name']} on the shelf.", static function (Changes $changes) use ($columns): void {
            $changes->create($changes->bench->blanks(), $columns);
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')), 201);
    }
}
