<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Reference\Answer\WindingAnswer;
use App\Reference\Answer\WindingPreviewAnswer;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** A board sighted with winding sticks: a test of it, when it is on the list. */
final class WindingController
{
    /** What a test with winding sticks begins with: the user's own sticks. */
    public function show(Bench $bench, LengthFormatter $format): WindingAnswer
    {
        return WindingResource::page($bench, $format);
    }

    /** A board under winding sticks as far as it has been typed; writes nothing. */
    public function preview(WindingFormRequest $request, Bench $bench, LengthFormatter $format): WindingPreviewAnswer
    {
        return WindingResource::preview($request->form($bench, $format), $request->board($bench), $format);
    }

    /** @return Created<WindingAnswer> */
    public function store(WindingFormRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $test = $request->test($ledger->bench, $format);
        self::record($ledger, $test, $format, static function (Changes $changes) use ($test): void {
            $test->write($changes);
        });

        return new Created(WindingResource::page($ledger->bench, $format));
    }

    /**
     * Written down, and the strokes that its high corners want are counted in bench mode.
     *
     * @return Created<SessionAnswer>
     */
    public function plane(WindingFormRequest $request, Ledger $ledger, LengthFormatter $format): Created
    {
        $test = $request->test($ledger->bench, $format);
        $steps = array_map(
            SessionStep::ofPlaning(...),
            $request->form($ledger->bench, $format)->strokes(),
        );
        if ($steps === []) {
            throw InvalidInput::because('tolerance', 'There is nothing to plane off.');
        }
        $session = null;
        self::record($ledger, $test, $format, static function (Changes $changes) use ($test, $steps, &$session): void {
            $tests = array_values($test->write($changes));
            $session = Sessions::begin($changes, SessionKind::Planing, $tests[0], $test->subject()->name, $steps);
        });
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }

    /** @param  callable(Changes): void  $write */
    private static function record(Ledger $ledger, JointTest $test, LengthFormatter $format, callable $write): void
    {
        $ledger->record('board-sighted', $test->subject(), "Sighted for wind: {$test->found($format)}.", $write);
    }
}
