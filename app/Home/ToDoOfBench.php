<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Edge\Edge;
use App\Http\Money;
use App\Job\JobsUnderWay;
use App\Reference\SeasonOfBench;
use App\Session\BenchSession;
use App\Stone\RackOfBench;
use App\Tool\Tool;
use App\Work\KitOfBench;
use App\Work\Work;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\ToolCondition;
use JackRest\Core\Kit\Article;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Task;
use JackRest\Desk\Edge\HoningTime;
use JackRest\Desk\Edge\SharpeningForm;
use JackRest\Desk\Edge\SharpeningWords;
use JackRest\Desk\Kit\LadderWords;
use JackRest\Desk\Kit\PurchaseWords;
use JackRest\Desk\Session\SessionStep;
use JackRest\Desk\ToDo\Chore;
use JackRest\Desk\ToDo\ChoreKind;
use JackRest\Desk\ToDo\ToDoList;

/** Gathers what wants doing before the next work. */
final class ToDoOfBench
{
    // To knife two lines and read them; to look along an edge: from memory.
    private const TEST_MINUTES = 5;

    private const LOOK_MINUTES = 1;

    private const TOOLS_NAMED = 4;

    public function __construct(
        private readonly Bench $bench,
        private readonly KitOfBench $kit,
        private readonly LengthFormatter $format,
    ) {
    }

    public function readiness(): ToDoList
    {
        $work = $this->kit->nextWork();

        return new ToDoList($work?->name, [
            ...$this->jobs(),
            ...$work === null ? [$this->chooseWork()] : $this->tools($work),
            ...$this->sessions(),
            ...$this->edges(),
            ...$this->saws(),
            ...$this->references(),
        ]);
    }

    /** @return list<Chore> works that are being made and rest for nothing */
    private function jobs(): array
    {
        return array_map(static fn (array $one): Chore => new Chore(
            ChoreKind::GoOnWithJob,
            (string) $one[0]->id,
            "Go on with {$one[0]->name}.",
            $one[1]->next()->says,
            $one[1]->nextMinutes(),
        ), JobsUnderWay::of($this->bench)->atHand());
    }

    private function chooseWork(): Chore
    {
        return new Chore(
            ChoreKind::ChooseWork,
            'works',
            'Say what you want to make.',
            'Tools, edges and squares are judged by the work they are for.',
            null,
        );
    }

    /** @return list<Chore> */
    private function tools(Work $work): array
    {
        $lacking = $this->kit->lacking($work);
        if ($lacking === []) {
            return [];
        }
        $ladder = $this->kit->ladderFor(collect([$work]));
        $fetch = array_map(
            static fn (Tool $tool): Chore => new Chore(
                ChoreKind::FetchTool,
                (string) $tool->id,
                $tool->lent_on === null
                    ? "Hang the {$tool->name} up again."
                    : "Ask {$tool->lent_to} for the {$tool->name}.",
                "The {$work->name} want it.",
                null,
            ),
            $this->kit->toFetch($work),
        );
        $buy = $ladder->toGet();
        $named = array_slice($buy, 0, self::TOOLS_NAMED);
        $chores = [...$fetch, ...array_map(fn (Offer $offer): Chore => $this->tool($ladder, $offer), $named)];
        $more = count($buy) - count($named);
        if ($more > 0) {
            $chores[] = new Chore(
                ChoreKind::GetTool,
                'ladder',
                "And $more more to get or make.",
                'The ladder has them in order.',
                null,
                $more,
            );
        }

        return [...$chores, ...$this->notToBeHad($ladder)];
    }

    /** @return list<Chore> */
    private function notToBeHad(Ladder $ladder): array
    {
        $next = $ladder->outOfReach;
        $missing = array_unique(
            array_map(static fn (Task $task): string => $task->operation->name, $ladder->missing()),
        );

        return array_values(
            array_filter([
                $next === null
                    ? null
                    : new Chore(
                        ChoreKind::BudgetEnds,
                        'ladder',
                        'Your budget ends here.',
                        (new LadderWords(Money::plain(...)))->outOfReach($next),
                        null,
                        0,
                    ),
                $missing === []
                    ? null
                    : new Chore(
                        ChoreKind::GetTool,
                        'kit',
                        'Find a tool to '.PurchaseWords::listed(array_values($missing)).'.',
                        'Nothing on offer does it well enough.',
                        null,
                    ),
            ]),
        );
    }

    private function tool(Ladder $ladder, Offer $offer): Chore
    {
        $name = preg_replace('/, .*/', '', $offer->name);

        return new Chore(
            ChoreKind::GetTool,
            $offer->kind,
            ($offer->making === null ? 'Get ' : 'Make ').Article::with((string) $name).'.',
            LadderWords::for($offer, $ladder->lifts()),
            $offer->making?->minutes,
        );
    }

    /** @return list<Chore> */
    private function sessions(): array
    {
        $running = BenchSession::of($this->bench)->where('state', BenchSession::RUNNING)->get();

        return array_values(
            $running
                ->map(static function (BenchSession $session): Chore {
                    $steps = $session->walked();
                    $left = array_sum(
                        array_map(
                            static fn (SessionStep $step): float => $step->seconds,
                            array_slice($steps, $session->at_step),
                        ),
                    );
                    $step = $steps[min($session->at_step, count($steps) - 1)];

                    return new Chore(
                        ChoreKind::FinishSession,
                        (string) $session->id,
                        $session->kind->goOn($session->title, $step),
                        $session->kind->stoppedAt($step),
                        max(1, (int) ceil($left / 60)),
                    );
                })
                ->all(),
        );
    }

    /** @return list<Chore> */
    private function edges(): array
    {
        $rack = new RackOfBench($this->bench);
        $stones = $rack->forPlan();
        $running = BenchSession::of($this->bench)
            ->where('state', BenchSession::RUNNING)
            ->get()
            ->flatMap(static fn (BenchSession $session): array => $session->edgeIds())
            ->all();
        $chores = [];
        $wanting = Edge::of($this->bench)->where('condition', '!=', Edge::SHARP);
        $wanting->whereNotIn('id', $running);
        foreach ($wanting->get() as $edge) {
            $condition = EdgeNeed::tryFrom($edge->condition);
            if ($condition === null) {
                $chores[] = self::look(ChoreKind::LookAtEdge, $edge->id, $edge->name);

                continue;
            }
            $form = SharpeningForm::of(
                $edge->toCore(),
                $edge->typed($this->format),
                $condition,
                $stones,
                $this->format,
                $rack->school,
            );
            $chores[] = new Chore(
                ChoreKind::SharpenEdge,
                (string) $edge->id,
                SharpeningWords::job($condition, $edge->name).'.',
                $condition->label().'. '.($form->missing ?? $condition->sign()),
                $form->plan === null ? null : (new HoningTime($form->plan->totalSeconds))->minutes(),
            );
        }

        return $chores;
    }

    /** @return list<Chore> saws that want filing, or of which nobody has said how they cut */
    private function saws(): array
    {
        $chores = [];
        foreach ($this->kit->tools->filter(static fn (Tool $tool): bool => $tool->isSaw()) as $saw) {
            $chores[] = match ($saw->condition) {
                ToolCondition::Unknown => self::look(ChoreKind::LookAtTool, $saw->id, $saw->name),
                ToolCondition::WantsHoning, ToolCondition::WantsWork => new Chore(
                    ChoreKind::FileSaw,
                    (string) $saw->id,
                    "File the {$saw->name}.",
                    $saw->condition === ToolCondition::WantsWork ? 'It came in wanting work.' : 'It came in dull.',
                    null,
                ),
                default => null,
            };
        }

        return array_values(array_filter($chores));
    }

    private static function look(ChoreKind $kind, int $id, string $name): Chore
    {
        return new Chore(
            $kind,
            (string) $id,
            "Look at the $name.",
            'Nobody has said how it is.',
            self::LOOK_MINUTES,
        );
    }

    /** @return list<Chore> those that are due by their own history, then those the season has probably moved */
    private function references(): array
    {
        $chores = [];
        $season = new SeasonOfBench($this->bench);
        foreach ($season->references as $index => $reference) {
            $why = $reference->due() ?? $season->claim($index, $this->format);
            if ($why !== null) {
                $chores[] = new Chore(
                    ChoreKind::TestReference,
                    (string) $reference->id,
                    "Test the {$reference->name}.",
                    $why,
                    self::TEST_MINUTES,
                );
            }
        }

        return $chores;
    }
}
