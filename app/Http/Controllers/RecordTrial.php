<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TrialRequest;
use App\Http\Resources\LogResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use App\Models\StopTrial;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;

/** Is finer worth it? The user's own answer, which can become the tool's stop. */
final class RecordTrial
{
    public function __invoke(TrialRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $trial = new StopTrial(['sides' => $request->sides($ledger->bench), 'wood' => $request->string('wood')->toString(), 'tried_at' => Carbon::now()->toIso8601ZuluString()]);
        $words = LogResource::words($trial);
        $kept = $request->boolean('keep') ? $words->betterUm() : null;
        $ledger->record('stop-trial', $edge->name, "Two stops tried with the {$edge->name}. {$words->sentence()}", static function (Changes $changes) use ($edge, $trial, $kept, $request): void {
            $changes->update($edge, $kept === null ? [] : ['finish_um' => $kept], $request->version());
            $changes->create($edge->trials(), ['bench_id' => $edge->bench_id, 'tried_at' => $trial->tried_at, 'sides' => $trial->sides, 'wood' => $trial->wood, 'kept_um' => $kept]);
        });

        return (new ShowLog)($ledger->bench, $edge, $format)->setStatusCode(201);
    }
}
