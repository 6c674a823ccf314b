<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\SquareTestBook;
use App\Http\Requests\RecordSquareTestRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Square;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Writes a reversal test down, with the shavings taken after it where they were. */
final class RecordSquareTest
{
    public function __invoke(RecordSquareTestRequest $request, Ledger $ledger, Square $square, User $user, LengthFormatter $format): JsonResponse
    {
        $book = new SquareTestBook($request, $square, $format);
        $planed = $request->wasPlaned() && $book->takesOff();
        $ledger->record('square-tested', $square->name, $book->sentence($planed), static function (Changes $changes) use ($book, $planed): void {
            $book->write($changes, $planed);
        });

        return (new ShowSquare)($square->unsetRelation('tests'), $user, $format)->setStatusCode(201);
    }
}
