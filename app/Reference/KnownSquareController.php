<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Bench\User;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Reference\Answer\KnownAnswer;
use App\Reference\Answer\KnownPreviewAnswer;
use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Reference\Square\KnownSquareForm;

/** Squares compared with a known one: a test of each is written down at once. */
final class KnownSquareController
{
    /** What a comparison begins with. */
    public function show(Bench $bench, User $user, LengthFormatter $format): KnownAnswer
    {
        return KnownResource::page(new KnownSquares($bench), $user, $format);
    }

    /** As far as the gaps have been read; writes nothing. */
    public function preview(KnownSquareRequest $request, Bench $bench, LengthFormatter $format): KnownPreviewAnswer
    {
        return KnownResource::preview($request->form(new KnownSquares($bench), $format));
    }

    /** @return Created<KnownAnswer> */
    public function store(KnownSquareRequest $request, Ledger $ledger, User $user, LengthFormatter $format): Created
    {
        $squares = new KnownSquares($ledger->bench);
        $form = $request->form($squares, $format);
        $test = self::test($form, $request->rows($squares));
        $ledger->record(
            'squares-compared',
            $test->subject(),
            "Compared with the {$form->known->name}: {$test->found($format)}.",
            static function (Changes $changes) use ($test): void {
                $test->write($changes);
            },
        );

        return new Created(KnownResource::page(new KnownSquares($ledger->bench), $user, $format));
    }

    /**
     * @param  list<array{square: Reference, gap: string, atTip: bool}>  $rows
     *
     * @throws InvalidInput when a gap is wrong, or none is typed
     */
    private static function test(KnownSquareForm $form, array $rows): JointTest
    {
        $wrong = $tests = [];
        foreach ($form->rows as $index => $row) {
            if ($row->gap->error !== null) {
                $wrong[] = new FieldError("rows[$index].gap", $row->gap->error);
            }
            $one = $row->ofOne($form->known->name, $rows[$index]['atTip']);
            if ($one !== null) {
                $tests[$index] = [$rows[$index]['square'], $one];
            }
        }
        if ($wrong !== []) {
            throw new InvalidInput($wrong);
        }

        return $tests === []
            ? throw InvalidInput::because('rows', 'Type the gap of one square at least.')
            : new JointTest($tests);
    }
}
