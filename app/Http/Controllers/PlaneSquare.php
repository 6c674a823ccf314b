<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\PlaningSession;
use App\Bench\SquareTestBook;
use App\Http\Requests\RecordSquareTestRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\BenchSession;
use App\Models\Square;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Truing\PlaningStep;

/** Writes the test down and takes its strokes to the bench, where they are counted. */
final class PlaneSquare
{
    public function __invoke(RecordSquareTestRequest $request, Ledger $ledger, Square $square, LengthFormatter $format): JsonResponse
    {
        $book = new SquareTestBook($request, $square, $format);
        $steps = PlaningStep::all($book->sheet()->strokes(), [0.0, $book->sheet()->test->bladeLengthMm ?? 0.0], $format);
        if (! $book->takesOff() || $steps === []) {
            throw InvalidInput::because('tolerance', 'There is nothing to plane off.');
        }
        $session = null;
        $ledger->record('square-tested', $square->name, $book->sentence(false), static function (Changes $changes) use ($book, $square, $steps, &$session): void {
            $test = $book->write($changes, false);
            $session = $changes->create($changes->bench->sessions(), PlaningSession::columns($square->name, $steps, ['square_test_id' => $test->id]));
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session->load('edge', 'squareTest.square', 'straightTest.straight')), 201);
    }
}
