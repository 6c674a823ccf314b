<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FinishRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use App\Models\HoningSession;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;

/** Ends a session: the edge is sharp, or it is left as it stands; either way the diary has it. */
final class FinishSession
{
    public function __invoke(FinishRequest $request, Ledger $ledger, HoningSession $session): JsonResponse
    {
        abort_if($session->state !== 'running', 409, 'This session has ended already.');
        $sharp = $request->isSharp();
        $ledger->record($sharp ? 'honed' : 'honing-stopped', $session->edge->name, self::sentence($session, $sharp), static function (Changes $changes) use ($session, $sharp, $request): void {
            $now = Carbon::now()->toIso8601ZuluString();
            $changes->update($session, ['state' => $sharp ? 'finished' : 'stopped', 'ended_at' => $now], $request->version());
            if ($sharp) {
                $changes->update($session->edge, [
                    'condition' => Edge::SHARP,
                    'micro_width_mm' => $session->micro_width_after_mm,
                    'honed_on' => $now,
                ]);
            }
        });

        return new JsonResponse(SessionResource::of($session));
    }

    private static function sentence(HoningSession $session, bool $sharp): string
    {
        $done = [];
        foreach ($session->steps as $index => $step) {
            if ($session->counted[$index] > 0) {
                $done[] = "{$session->counted[$index]} strokes on the {$step['stone']}";
            }
        }
        $strokes = $done === [] ? 'no stroke counted' : implode(', ', $done);

        return ($sharp ? 'Honed the ' : 'Stopped honing the ')."{$session->edge->name}: $strokes.";
    }
}
