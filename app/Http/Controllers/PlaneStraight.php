<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\PlaningSession;
use App\Bench\StraightTestBook;
use App\Http\Requests\RecordStraightTestRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\BenchSession;
use App\Models\Straight;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Truing\PlaningStep;

/** Writes the test down and takes its strokes to the bench, where they are counted. */
final class PlaneStraight
{
    public function __invoke(RecordStraightTestRequest $request, Ledger $ledger, Straight $straight, LengthFormatter $format): JsonResponse
    {
        $book = new StraightTestBook($request, $straight, $format);
        $steps = PlaningStep::all($book->sheet()->map()->passes ?? [], $book->sheet()->test->stationsMm ?? [0.0], $format);
        if (! $book->takesOff() || $steps === []) {
            throw InvalidInput::because('tolerance', 'There is nothing to plane off.');
        }
        $session = null;
        $ledger->record('straight-tested', $straight->name, $book->sentence(false), static function (Changes $changes) use ($book, $straight, $steps, &$session): void {
            $test = $book->write($changes, false);
            $session = $changes->create($changes->bench->sessions(), PlaningSession::columns($straight->name, $steps, ['straight_test_id' => $test->id]));
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session->load('edge', 'squareTest.square', 'straightTest.straight')), 201);
    }
}
