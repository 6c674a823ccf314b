<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Drop;
use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Ledger;
use App\Models\Reference;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class RecordReferenceDrop
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Reference $reference, User $user, LengthFormatter $format): JsonResponse
    {
        Drop::record($ledger, $reference, $request->version());

        return (new ShowReference)($reference, $user, $format);
    }
}
