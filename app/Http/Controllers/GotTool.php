<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\KitResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use App\Models\ToolStatus;
use Illuminate\Http\JsonResponse;

final class GotTool
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Tool $tool): JsonResponse
    {
        $ledger->record('got-tool', $tool->name, "Got the {$tool->name}; it hangs on the board.", static function (Changes $changes) use ($tool, $request): void {
            $changes->update($tool, ['status' => ToolStatus::Owned], $request->version());
        });

        return new JsonResponse(KitResource::of(new KitOfBench($ledger->bench)));
    }
}
