<?php

declare(strict_types=1);

namespace App\Home;

use App\Bench\Bench;
use App\Edge\OutlookOfBench;
use App\Http\Money;
use App\Reference\Reference;
use App\Work\KitOfBench;
use Illuminate\Support\Carbon;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Print\BenchCard;
use JackRest\Desk\Print\CardLine;
use JackRest\Desk\Print\CardList;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\ToDo\Chore;
use JackRest\Desk\ToDo\ChoreKind;
use JackRest\Desk\ToDo\UpkeepTask;

/** What hangs on the wall for a week: jobs, edges, references, the next rung of the shopping ladder. */
final readonly class CardOfBench
{
    private const DAYS = 7;

    private KitOfBench $kit;

    public function __construct(private Bench $bench, private LengthFormatter $format)
    {
        $this->kit = new KitOfBench($bench);
    }

    public function sheet(): Sheet
    {
        $readiness = (new ToDoOfBench($this->bench, $this->kit, $this->format))->readiness();
        $jobs = array_values(
            array_filter(
                $readiness->chores,
                static fn (Chore $chore): bool => $chore->kind !== ChoreKind::GetTool,
            ),
        );

        return BenchCard::sheet(
            $readiness->work === null ? 'This week' : "Before the {$readiness->work}",
            Carbon::now()->format('j F Y'),
            [
                new CardList(
                    'Before work',
                    array_map(
                        static fn (Chore $chore): CardLine => new CardLine(
                            $chore->says,
                            self::minutes($chore->minutes),
                        ),
                        $jobs,
                    ),
                ),
                new CardList('Edges that will want honing', $this->edges()),
                new CardList('References to test', $this->references()),
                new CardList(
                    'When there is a minute',
                    array_map(
                        static fn (UpkeepTask $line): CardLine => new CardLine(
                            $line->says,
                            self::minutes($line->minutes),
                        ),
                        (new RecurringOfBench($this->bench))->lines(),
                    ),
                ),
                new CardList('To get next', $this->rung()),
            ],
        );
    }

    /** @return list<CardLine> likely within the week, by the forecast; those due now stand above */
    private function edges(): array
    {
        $outlook = new OutlookOfBench($this->bench);
        $lines = [];
        foreach ($outlook->edges as $id => $edge) {
            if (
                $edge->isSharp() &&
                ($outlook->forecasts[$id]->days(0.5) ?? INF) <= self::DAYS
            ) {
                $lines[] = new CardLine("The {$edge->name}.", 'this week');
            }
        }

        return $lines;
    }

    /** @return list<CardLine> whose next check falls into the week; those due now stand above */
    private function references(): array
    {
        $until = Carbon::now()->addDays(self::DAYS)->toIso8601ZuluString();

        return array_values(
            Reference::testedOf($this->bench)
                ->filter(
                    static fn (Reference $one): bool => $one->due() === null &&
                        $one->nextCheckOn() !== null &&
                        $one->nextCheckOn() <= $until,
                )
                ->map(
                    static fn (Reference $one): CardLine => new CardLine(
                        "The {$one->name}.",
                        Carbon::parse((string) $one->nextCheckOn())->format('j M'),
                    ),
                )
                ->all(),
        );
    }

    /** @return list<CardLine> */
    private function rung(): array
    {
        $first = $this->kit->ladder()->toGet()[0] ?? null;

        return $first instanceof Offer
            ? [new CardLine(ucfirst($first->name).'.', Money::plain($first->price))]
            : [];
    }

    private static function minutes(?int $minutes): string
    {
        return $minutes === null ? '' : "$minutes min";
    }
}
