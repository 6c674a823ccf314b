<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Bench;
use App\Models\Edge;
use App\Models\HoningSession;
use App\Models\Stone;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeSheet;
use JackRest\Core\Kit\OperationAdvice;
use JackRest\Core\Kit\PurchaseAdvice;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Readiness\Chore;
use JackRest\Core\Readiness\ChoreKind;
use JackRest\Core\Readiness\Readiness;

/** Gathers what wants doing before the next work. */
final class ReadinessOfBench
{
    // To fetch stones and water and clear up again; and to knife two lines and read them. From memory.
    private const SET_UP_MINUTES = 3;

    private const TEST_MINUTES = 5;

    public function __construct(
        private readonly Bench $bench,
        private readonly KitOfBench $kit,
        private readonly LengthFormatter $format,
    ) {
    }

    public function readiness(): Readiness
    {
        return new Readiness($this->kit->work->name, [...$this->tools(), ...$this->sessions(), ...$this->edges(), ...$this->squares()]);
    }

    /** @return list<Chore> */
    private function tools(): array
    {
        $missing = array_map(static fn (OperationAdvice $row): string => $row->operation->name, $this->kit->advice()->missing());
        if ($missing === []) {
            return [];
        }
        $purchases = $this->kit->advice()->purchases;
        if ($purchases === []) {
            return [new Chore(ChoreKind::GetTool, 'kit', 'Find a tool to '.implode(' and ', $missing).'.', 'Nothing on your list does it.', null)];
        }

        return array_map(static fn (PurchaseAdvice $purchase): Chore => new Chore(
            ChoreKind::GetTool,
            $purchase->kind->id,
            "Get a {$purchase->kind->name}.",
            $purchase->why(),
            null,
        ), $purchases);
    }

    /** @return list<Chore> */
    private function sessions(): array
    {
        return array_values($this->bench->sessions()->where('state', 'running')->with('edge')->get()->map(static function (HoningSession $session): Chore {
            $left = array_sum(array_map(static fn (array $step): float => $step['seconds'], array_slice($session->steps, $session->at_step)));
            $stone = $session->steps[min($session->at_step, count($session->steps) - 1)]['stone'];

            return new Chore(ChoreKind::FinishSession, (string) $session->id, "Go on honing the {$session->edge->name}.", "You stopped at the $stone.", max(1, (int) ceil($left / 60)));
        })->all());
    }

    /** @return list<Chore> */
    private function edges(): array
    {
        $stones = array_values($this->bench->stones()->get()->map(static fn (Stone $stone) => $stone->toCore())->all());
        $running = $this->bench->sessions()->where('state', 'running')->pluck('edge_id')->all();
        $chores = [];
        $blunt = $this->bench->edges()->where('condition', '!=', Edge::SHARP);
        $blunt->whereNotIn('id', $running);
        foreach ($blunt->get() as $edge) {
            $condition = EdgeCondition::from($edge->condition);
            $sheet = EdgeSheet::of($edge->toCore(), ['bevelLength' => '', 'thickness' => '', 'give' => '', 'nickDepth' => ''], $condition, $stones, $this->format);
            $minutes = self::SET_UP_MINUTES + (int) ceil(($sheet->plan->totalSeconds ?? 0) / 60);
            $chores[] = new Chore(ChoreKind::SharpenEdge, (string) $edge->id, "Hone the {$edge->name}.", $condition->label().'. '.$condition->sign(), $minutes);
        }

        return $chores;
    }

    /** @return list<Chore> */
    private function squares(): array
    {
        $chores = [];
        foreach ($this->bench->squares()->with('tests')->get() as $square) {
            $due = $square->due();
            if ($due !== null) {
                $chores[] = new Chore(ChoreKind::TestReference, (string) $square->id, "Test the {$square->name}.", $due, self::TEST_MINUTES);
            }
        }

        return $chores;
    }
}
