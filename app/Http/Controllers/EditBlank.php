<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenBlankRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Blank;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class EditBlank
{
    public function __invoke(SeenBlankRequest $request, Ledger $ledger, Blank $blank, LengthFormatter $format): JsonResponse
    {
        $columns = $request->columns($format);
        $entry = $ledger->record('blank-measured', $columns['name'], "Described the {$columns['name']} anew.", static function (Changes $changes) use ($blank, $columns, $request): void {
            $changes->update($blank, $columns, $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
