<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Drop;
use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Ledger;
use App\Models\Straight;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class RecordStraightDrop
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Straight $straight, User $user, LengthFormatter $format): JsonResponse
    {
        Drop::record($ledger, $straight, $request->version());

        return (new ShowStraight)($straight, $user, $format);
    }
}
