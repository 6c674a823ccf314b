<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenEdgeSheetRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use App\Models\HoningSession;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\EdgeSheet;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Measure\LengthFormatter;

/** Takes the plan to the bench; the record is there from the first moment. */
final class StartSession
{
    public function __invoke(SeenEdgeSheetRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($edge, $ledger->bench, $format);
        if ($sheet->plan === null || $sheet->condition === null) {
            throw InvalidInput::because('condition', $sheet->missing ?? 'Say what is wrong with the edge first.');
        }
        $condition = $sheet->condition;
        $says = lcfirst($condition->label());
        $session = null;
        $ledger->record('honing-started', $edge->name, "Began honing the {$edge->name}: $says.", static function (Changes $changes) use ($edge, $sheet, $condition, $request, &$session): void {
            $changes->update($edge, ['condition' => $condition->value], $request->version());
            $session = $changes->create($edge->sessions(), self::values($sheet, $condition->value));
        });
        assert($session instanceof HoningSession);

        return new JsonResponse(SessionResource::of($session->load('edge')), 201);
    }

    /** @return array<string, mixed> */
    private static function values(EdgeSheet $sheet, string $condition): array
    {
        $steps = array_map(static fn (SharpeningStep $step): array => [
            'stone' => $step->stone->name,
            'particleUm' => $step->stone->particleUm(),
            'strokes' => $step->strokes,
            'seconds' => $step->seconds,
            'see' => $step->see,
        ], $sheet->plan->steps ?? []);

        return [
            'condition' => $condition,
            'steps' => $steps,
            'counted' => array_fill(0, count($steps), 0),
            'at_step' => 0,
            'phase' => 'fetch',
            'state' => 'running',
            'micro_width_after_mm' => $sheet->plan->state->contactLengthMm ?? 0.0,
            'started_at' => Carbon::now()->toIso8601ZuluString(),
        ];
    }
}
