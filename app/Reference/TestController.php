<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\User;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Reference\Answer\ReferencePageAnswer;
use App\Reference\Answer\TestPreviewAnswer;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** A reference's test: previewed, written down, its strokes taken to the bench. */
final class TestController
{
    /** As far as it has been typed; writes nothing. */
    public function preview(TestRequest $request, Reference $reference, LengthFormatter $format): TestPreviewAnswer
    {
        $form = $request->form($reference, $format);
        $last = $reference->tests->last();

        return TestPreview::of($form, $last === null ? null : $form->learntShavingMm($last->earlier()));
    }

    /**
     * With what was taken off after it, where it was.
     *
     * @return Created<ReferencePageAnswer>
     */
    public function store(
        RecordTestRequest $request,
        Ledger $ledger,
        Reference $reference,
        User $user,
        LengthFormatter $format,
    ): Created {
        $recorder = new TestRecorder($reference, $request->form($reference, $format), $format);
        $planed = $request->wasPlaned();
        $ledger->record('reference-tested', $reference, $recorder->sentence($planed), static function (
            Changes $changes,
        ) use ($recorder, $request, $planed): void {
            $recorder->write($changes, $request->version(), $planed);
        });

        $reference->unsetRelation('tests');

        return new Created((new ReferenceController())->show($reference, $ledger->bench, $user, $format));
    }

    /**
     * Written down, and its strokes are counted in bench mode.
     *
     * @return Created<SessionAnswer>
     */
    public function plane(
        RecordTestRequest $request,
        Ledger $ledger,
        Reference $reference,
        LengthFormatter $format,
    ): Created {
        $recorder = new TestRecorder($reference, $request->form($reference, $format), $format);
        $steps = array_map(SessionStep::ofPlaning(...), $recorder->form->strokes());
        if ($steps === []) {
            throw InvalidInput::because('figures.tolerance', 'There is nothing to plane off.');
        }
        $session = null;
        $ledger->record('reference-tested', $reference, $recorder->sentence(false), static function (
            Changes $changes,
        ) use ($recorder, $reference, $request, $steps, &$session): void {
            $test = $recorder->write($changes, $request->version(), false);
            $session = Sessions::begin($changes, SessionKind::Planing, $test, $reference->name, $steps);
        });
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }
}
