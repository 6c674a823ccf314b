<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AddReferenceRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Reference;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A reference that came with no tool: a sole, a stone, a board. */
final class AddReference
{
    public function __invoke(AddReferenceRequest $request, Ledger $ledger, User $user, LengthFormatter $format): JsonResponse
    {
        $kind = $request->kind();
        $tolerance = $kind->usualToleranceMm();
        $reference = null;
        $ledger->record('reference-added', $request->name(), "Put the {$request->name()} among the references.", static function (Changes $changes) use ($request, $kind, $tolerance, &$reference): void {
            $reference = $changes->create($changes->bench->references(), ['kind' => $kind, 'name' => $request->name(), 'fields' => [], 'tolerance_mm' => $tolerance]);
        });
        assert($reference instanceof Reference);

        return (new ShowReference)($reference, $user, $format)->setStatusCode(201);
    }
}
