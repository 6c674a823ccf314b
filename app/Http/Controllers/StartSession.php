<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenEdgeSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use App\Session\BenchSession;
use App\Session\HoningSteps;
use App\Session\SessionResource;
use App\Session\Sessions;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Takes the plan to the bench; the record is there from the first moment. */
final class StartSession
{
    public function __invoke(SeenEdgeSheetRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($edge, $ledger->bench, $format);
        [$plan, $task, $need] = [$sheet->plan, $sheet->task, $sheet->need];
        if ($plan === null || $task === null || $need === null) {
            throw InvalidInput::because('condition', $sheet->missing ?? 'Say what is wrong with the edge first.');
        }
        $steps = array_map(static fn (SharpeningStep $step): SessionStep => SessionStep::ofSharpening($step, $edge->id, $edge->name), $plan->steps);
        $context = ['need' => $need->value, 'becomes' => [$edge->id => HoningSteps::becomes($task, $plan)]];
        $says = lcfirst($need->label());
        $session = null;
        $ledger->record('honing-started', $edge->name, "Began honing the {$edge->name}: $says.", static function (Changes $changes) use ($edge, $steps, $context, $need, $request, &$session): void {
            $changes->update($edge, ['condition' => $need->value], $request->version());
            $session = Sessions::begin($changes, SessionKind::Honing, $edge, $edge->name, $steps, $context);
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session), 201);
    }
}
