<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EdgesOfTool;
use App\Bench\KitOfBench;
use App\Http\Requests\SeenRecordRequest;
use App\Http\Resources\KitResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use App\Models\ToolStatus;
use App\Reference\ReferencesOfTool;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;

final class GotTool
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Tool $tool, LengthFormatter $format): JsonResponse
    {
        $came = ['hung_on' => Carbon::now()->toDateString(), 'bought_for' => (new KitOfBench($ledger->bench))->wantedFor($tool->kind)];
        $ledger->record('got-tool', $tool->name, "Got the {$tool->name}; it hangs on the board.", static function (Changes $changes) use ($tool, $came, $request, $format): void {
            $changes->update($tool, ['status' => ToolStatus::Owned, ...$came], $request->version());
            EdgesOfTool::bring($changes, $tool, $format);
            ReferencesOfTool::bring($changes, $tool);
        });

        return new JsonResponse(KitResource::of(new KitOfBench($ledger->bench)));
    }
}
