<?php

declare(strict_types=1);

namespace App\Day;

use App\Bench\Bench;
use App\Edge\Edge;
use App\Edge\HoningSteps;
use App\Ledger\Changes;
use App\Session\BenchSession;
use App\Session\Sessions;
use App\Stone\RackOfBench;
use Illuminate\Support\Collection;
use JackRest\Core\Day\DayEdge;
use JackRest\Core\Day\SharpeningDay;
use JackRest\Core\Day\Visit;
use JackRest\Core\Edge\Abrasive;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\SharpeningTask;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Edge\SharpeningForm;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** The edges of a bench that are due, or chosen, as one sharpening day. */
final class DayOfBench
{
    private readonly RackOfBench $rack;

    /** @var list<HoningStone> */
    private readonly array $stones;

    /** @var Collection<int, Edge> those that want something, worst first */
    public readonly Collection $due;

    /** @var array<int, string> why an edge cannot join the day, by edge */
    public array $left = [];

    /** @var array<int, array{SharpeningTask, SharpeningPlan}> by edge */
    private array $plans = [];

    public function __construct(Bench $bench, private readonly LengthFormatter $format)
    {
        $this->rack = new RackOfBench($bench);
        $this->stones = $this->rack->forPlan();
        $running = BenchSession::of($bench)
            ->where('state', 'running')
            ->get()
            ->flatMap(static fn (BenchSession $session): array => $session->edgeIds())
            ->all();
        $this->due = Edge::of($bench)
            ->whereNotIn('condition', [Edge::SHARP, Edge::UNKNOWN])
            ->get()
            ->toBase()
            ->reject(static fn (Edge $edge): bool => in_array($edge->id, $running, true))
            ->sortBy(static fn (Edge $edge): array => $edge->order())
            ->values();
    }

    /**
     * @param  iterable<Edge>  $edges
     * @return SharpeningDay|null null: none of them can be planned
     */
    public function plan(iterable $edges): ?SharpeningDay
    {
        $day = [];
        foreach ($edges as $edge) {
            $one = $this->edge($edge);
            if ($one !== null) {
                $day[] = $one;
            }
        }
        $byId = array_column($this->rack->school->honesOn($this->stones), null, 'id');

        return $day === [] ? null : SharpeningDay::of($day, $byId, $this->rack->handling());
    }

    public function begin(Changes $changes, SharpeningDay $day): BenchSession
    {
        $steps = [];
        foreach ($day->rounds as $round) {
            foreach ($round->visits as $place => $visit) {
                $step = self::withChange($visit, $place === 0 ? $round->stone->changeSeconds : 0.0);
                $steps[] = SessionStep::ofSharpening($step, (int) $visit->edge->id, $visit->edge->name);
            }
        }
        $becomes = array_map(static fn (array $plan): array => HoningSteps::becomes(...$plan), $this->plans);

        return Sessions::begin($changes, SessionKind::Day, null, 'sharpening day', $steps, ['becomes' => $becomes]);
    }

    /** How many edges it takes. */
    public function count(): int
    {
        return count($this->plans);
    }

    public function rackIsEmpty(): bool
    {
        return $this->stones === [];
    }

    private function edge(Edge $edge): ?DayEdge
    {
        // An edge that was chosen though nothing is noted of it gets a touch-up.
        $need = EdgeNeed::tryFrom($edge->condition) ?? EdgeNeed::TouchUp;
        $form = SharpeningForm::of(
            $edge->toCore(),
            $edge->typed($this->format),
            $need,
            $this->stones,
            $this->format,
            $this->rack->school,
        );
        if ($form->plan === null || $form->task === null) {
            $this->left[$edge->id] = (string) $form->missing;

            return null;
        }
        $this->plans[$edge->id] = [$form->task, $form->plan];
        [$plan, $task] = [$form->plan, $form->task];
        $of = static fn (StepKind $kind): array => array_values(
            array_filter($plan->steps, static fn (SharpeningStep $step): bool => $step->kind === $kind),
        );
        $abrasives = array_map(
            static fn (HoningStone $stone): Abrasive => $stone->asAbrasive(),
            $task->school->honesOn($this->stones),
        );

        return new DayEdge(
            (string) $edge->id,
            $edge->name,
            new HoningPlanInput(
                $plan->state->contactWidthMm,
                $plan->state->contactLengthMm,
                $plan->state->removeUm,
                $plan->finishUm(),
                $abrasives,
            ),
            $task->school->path,
            ($edge->form->seat()->value ?? 'freehand').' '.round($edge->secondary_deg, 1),
            $plan->totalSeconds,
            $of(StepKind::Grind),
            $of(StepKind::Strop),
        );
    }

    private static function withChange(Visit $visit, float $seconds): SharpeningStep
    {
        $step = $visit->step;

        return new SharpeningStep(
            $step->stone,
            $step->removeUm,
            $step->strokes,
            $step->seconds + $seconds,
            $step->sign,
            $step->kind,
            $step->modelStrokes,
            $step->shaping,
        );
    }
}
