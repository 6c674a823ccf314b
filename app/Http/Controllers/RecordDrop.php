<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Drop;
use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Ledger;
use App\Models\Square;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class RecordDrop
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Square $square, User $user, LengthFormatter $format): JsonResponse
    {
        Drop::record($ledger, $square, $request->version());

        return (new ShowSquare)($square, $user, $format);
    }
}
