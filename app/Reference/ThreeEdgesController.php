<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Reference\Answer\ThreeEdgesPageAnswer;
use App\Reference\Answer\ThreeEdgesPreviewAnswer;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Three edges tested against each other: a test of each that is on the list. */
final class ThreeEdgesController
{
    /** What a test of three edges begins with. */
    public function show(Bench $bench, LengthFormatter $format): ThreeEdgesPageAnswer
    {
        return ThreeEdgesResource::page($bench, $format);
    }

    /** Three edges against each other as far as they have been read; writes nothing. */
    public function preview(
        ThreeEdgesFormRequest $request,
        Bench $bench,
        LengthFormatter $format,
    ): ThreeEdgesPreviewAnswer {
        return ThreeEdgesResource::preview($request->form($format), $request->references($bench), $format);
    }

    /** @return Created<ThreeEdgesPageAnswer> */
    public function store(ThreeEdgesFormRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $test = $request->test($ledger->bench, $format);
        self::record($ledger, $test, $format, static function (Changes $changes) use ($test): void {
            $test->write($changes);
        });

        return new Created(ThreeEdgesResource::page($ledger->bench, $format));
    }

    /**
     * Written down, and the strokes that the worst of them wants are counted in bench mode.
     *
     * @return Created<SessionAnswer>
     */
    public function plane(ThreeEdgesFormRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $form = $request->form($format);
        $test = $request->test($ledger->bench, $format);
        $worst = $request->references($ledger->bench)[$form->worst() ?? -1] ?? null;
        $steps = array_map(SessionStep::ofPlaning(...), $form->strokes());
        if ($worst === null || $steps === []) {
            throw InvalidInput::because('references', 'Say which straightedge the worst of them is.');
        }
        $session = null;
        self::record($ledger, $test, $format, static function (
            Changes $changes,
        ) use ($test, $form, $worst, $steps, &$session): void {
            $tests = $test->write($changes);
            $session = Sessions::begin(
                $changes,
                SessionKind::Planing,
                $tests[(int) $form->worst()],
                $worst->name,
                $steps,
            );
        });
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }

    /** @param  callable(Changes): void  $write */
    private static function record(Ledger $ledger, JointTest $test, LengthFormatter $format, callable $write): void
    {
        $ledger->record(
            'edges-compared',
            $test->subject(),
            "Tested three edges against each other: {$test->found($format)}.",
            $write,
        );
    }
}
