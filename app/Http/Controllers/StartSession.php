<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\SessionOfPlan;
use App\Http\Requests\SeenEdgeSheetRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\BenchSession;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Measure\LengthFormatter;

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
        $steps = array_map(static fn (SharpeningStep $step): array => SessionOfPlan::step($step, $edge), $plan->steps);
        $columns = SessionOfPlan::columns($need->value, $steps, [$edge->id => SessionOfPlan::becomes($task, $plan)]);
        $says = lcfirst($need->label());
        $session = null;
        $ledger->record('honing-started', $edge->name, "Began honing the {$edge->name}: $says.", static function (Changes $changes) use ($edge, $columns, $need, $request, &$session): void {
            $changes->update($edge, ['condition' => $need->value], $request->version());
            $session = $changes->create($edge->sessions(), $columns);
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session->load('edge', 'squareTest.square', 'straightTest.straight', 'making.tool')), 201);
    }
}
