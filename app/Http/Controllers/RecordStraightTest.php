<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\StraightTestBook;
use App\Http\Requests\RecordStraightTestRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Straight;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Writes a straightedge's test down, with the strokes taken after it where they were. */
final class RecordStraightTest
{
    public function __invoke(RecordStraightTestRequest $request, Ledger $ledger, Straight $straight, User $user, LengthFormatter $format): JsonResponse
    {
        $book = new StraightTestBook($request, $straight, $format);
        $planed = $request->wasPlaned() && $book->takesOff();
        $ledger->record('straight-tested', $straight->name, $book->sentence($planed), static function (Changes $changes) use ($book, $planed): void {
            $book->write($changes, $planed);
        });

        return (new ShowStraight)($straight->unsetRelation('tests'), $user, $format)->setStatusCode(201);
    }
}
