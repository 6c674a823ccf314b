<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Edge\Answer\EdgePageAnswer;
use App\Edge\Answer\EdgePlanAnswer;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use App\Stone\RackOfBench;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\EdgeHistory\EdgeEntry as CoreEvent;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** What to do to one edge: plan, bevel, condition, and the walk at the bench. */
final class HoningController
{
    /** The plan for an edge as far as it has been described; writes nothing. */
    public function plan(EdgeFormRequest $request, Bench $bench, Edge $edge, LengthFormatter $format): EdgePlanAnswer
    {
        return EdgePlanResource::of(
            $request->form($edge, $bench, $format),
            $edge->primary_deg,
            (new RackOfBench($bench))->forPlan(),
            $request->string('condition')->toString() !== Edge::UNKNOWN,
            $format,
        );
    }

    /** Keeps a measured bevel angle as the one on record. */
    public function bevel(
        VersionedEdgeFormRequest $request,
        Ledger $ledger,
        Edge $edge,
        LengthFormatter $format,
    ): EdgePageAnswer {
        $form = $request->form($edge, $ledger->bench, $format);
        if ($form->angle === null || $form->measured === null) {
            throw InvalidInput::because('bevelLength', 'Measure bevel length and thickness first.');
        }
        $deg = LengthFormatter::fixed($form->angle->angleDeg, 1);
        $give = LengthFormatter::fixed($form->angle->uncertaintyDeg, 1);
        $blade = $form->blade;
        $event = new CoreEvent(
            EdgeEntryKind::Measured,
            Carbon::now()->toIso8601ZuluString(),
            deg: $form->angle->angleDeg,
            giveDeg: $form->angle->uncertaintyDeg,
            note: 'ground bevel',
        );
        $ledger->record(
            'measured-bevel',
            $edge,
            "Bevel of the {$edge->name} measured: {$deg}° ± {$give}°.",
            static function (Changes $changes) use ($edge, $blade, $event, $request): void {
                $changes->update(
                    $edge,
                    [
                        'primary_deg' => $blade->primaryDeg,
                        'secondary_deg' => $blade->secondaryDeg,
                        'thickness_mm' => $blade->thicknessMm,
                    ],
                    $request->version(),
                );
                $changes->create($edge->events(), ['bench_id' => $edge->bench_id, ...EdgeEvent::columns($event)]);
            },
        );

        return (new EdgeController())->show($ledger->bench, $edge, $format);
    }

    /** What the user saw is wrong with an edge, or that it is sharp. */
    public function condition(
        VersionedEdgeFormRequest $request,
        Ledger $ledger,
        Edge $edge,
        LengthFormatter $format,
    ): EdgePageAnswer {
        $condition = $request->string('condition')->toString();
        $nick = $request->form($edge, $ledger->bench, $format)->nickMm();
        $says = lcfirst(Edge::says($condition));
        $ledger->record('edge-condition', $edge, "Looked at the {$edge->name}: $says.", static function (
            Changes $changes,
        ) use ($edge, $condition, $nick, $request): void {
            $changes->update($edge, ['condition' => $condition, 'nick_mm' => $nick], $request->version());
        });

        return (new EdgeController())->show($ledger->bench, $edge, $format);
    }

    /**
     * Takes the plan to the bench; the record is there from the first moment.
     *
     * @return Created<SessionAnswer>
     */
    public function hone(
        VersionedEdgeFormRequest $request,
        Ledger $ledger,
        Edge $edge,
        LengthFormatter $format,
    ): Created {
        $form = $request->form($edge, $ledger->bench, $format);
        [$plan, $task, $need] = [$form->plan, $form->task, $form->need];
        if ($plan === null || $task === null || $need === null) {
            throw InvalidInput::because('condition', $form->missing ?? 'Say what is wrong with the edge first.');
        }
        $steps = array_map(
            static fn (SharpeningStep $step): SessionStep => SessionStep::ofSharpening($step, $edge->id, $edge->name),
            $plan->steps,
        );
        $context = ['need' => $need->value, 'becomes' => [$edge->id => HoningSteps::becomes($task, $plan)]];
        $says = lcfirst($need->label());
        $session = null;
        $ledger->record('honing-started', $edge, "Began honing the {$edge->name}: $says.", static function (
            Changes $changes,
        ) use ($edge, $steps, $context, $need, $form, $request, &$session): void {
            $changes->update(
                $edge,
                ['condition' => $need->value, 'nick_mm' => $form->nickMm()],
                $request->version(),
            );
            $session = Sessions::begin($changes, SessionKind::Honing, $edge, $edge->name, $steps, $context);
        });
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }
}
