<?php

declare(strict_types=1);

namespace JackRest\Desk\Kit;

use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Lift;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\OutOfReach;
use JackRest\Core\Kit\Reached;
use JackRest\Core\Kit\Rung;
use JackRest\Core\Tool\Need;
use JackRest\Core\Work\Task;

/** Says what a rung of the ladder is for, what it makes better, and what the money does not reach for. */
final readonly class LadderWords
{
    private const NAMED = 3;

    /** @param  callable(float): string  $money  a price with its sign */
    public function __construct(private mixed $money)
    {
    }

    /** How well a work is made when every operation can be done so well at least. */
    public static function floor(int $floor): string
    {
        return match (true) {
            $floor <= 1 => 'roughly made',
            $floor === 2 => 'makeshift in places',
            $floor === 3 => 'soundly made',
            $floor === 4 => 'well made',
            default => 'as good as it gets',
        };
    }

    public static function reached(Reached $goal): string
    {
        return "{$goal->work->name}, ".self::floor($goal->floor);
    }

    /** What making it is like then: how long the operations take, and how many are guided and not done by eye. */
    public static function like(Reached $goal): string
    {
        $guided = $goal->guided === 0
            ? 'all by hand and eye'
            : "$goal->guided of $goal->operations operations guided";

        return self::lasts($goal->minutes)." for one of every operation, $guided";
    }

    /**
     * What a tool of a rung is for: what it makes possible first, then what it makes better.
     *
     * @param  list<Lift>  $lifts
     */
    public static function for(Offer $offer, array $lifts): string
    {
        if (in_array($offer->kind, Need::Hone->givers(), true)) {
            return 'Every edge wants it: a blunt edge is no tool.';
        }
        $its = Lift::of($offer->id, $lifts);
        $new = array_filter($its, static fn (Lift $lift): bool => $lift->before === null);
        $better = array_filter(
            $its,
            static fn (Lift $lift): bool => $lift->before !== null && $lift->after->grade > $lift->before->grade,
        );
        $quicker = array_filter(
            $its,
            static fn (Lift $lift): bool => $lift->before !== null && $lift->after->grade <= $lift->before->grade,
        );
        $parts = array_filter([
            $new === [] ? '' : 'to '.self::names($new),
            $better === [] ? '' : 'better: '.self::names($better),
            $quicker === [] ? '' : 'quicker or surer: '.self::names($quicker),
        ], static fn (string $part): bool => $part !== '');

        return $parts === [] ? 'Other tools need it.' : ucfirst(implode('; ', $parts)).'.';
    }

    /** The next tool, and why it comes first. */
    public function next(Offer $offer): string
    {
        return $offer->making === null
            ? "Get the {$offer->name}: ".($this->money)($offer->price).'.'
            : "Make the {$offer->name}: about {$offer->making->minutes} minutes, ".
                    ($this->money)($offer->price).
                    ' of wood.';
    }

    public function why(Ladder $ladder, Rung $rung, Offer $offer): string
    {
        $alone = $ladder->opens($offer);
        $goal = $this->goal($ladder, $rung);

        return $alone === []
            ? self::for($offer, $rung->lifts).$goal
            : 'It opens '.self::quoted($alone).'.'.$goal;
    }

    /** Which work the rung is a step to, and what the rest of the way there costs. */
    private function goal(Ladder $ladder, Rung $rung): string
    {
        foreach ($ladder->rungs() as $other) {
            if ($rung->stage > 0 && $other->stage === $rung->stage && $other->reached !== []) {
                $from = $ladder->next()->from ?? 0.0;

                return ' '.ucfirst(self::reached($other->reached[0])).': '.
                    ($this->money)($other->to - $from).' in all.';
            }
        }

        return '';
    }

    /** What the budget does not reach for, how it could, and what it does buy of it. */
    public function outOfReach(OutOfReach $next): string
    {
        $money = $this->money;
        $says = ucfirst($next->work->name).', '.self::floor($next->floor).': '.$money($next->rung->cost).
            ' more. You are '.$money($next->short).' short'.
            ($next->borrow === null ? '.' : ": leave the {$next->borrow->name} for now and borrow one.");

        return match (true) {
            $next->meanwhile === null => $says,
            $next->borrow !== null => "$says The rest is within your budget.",
            default => "$says What you have is enough for ".
                PurchaseWords::listed(
                    array_map(static fn (Offer $offer): string => "the {$offer->name}", $next->meanwhile->tools),
                ).
                '.',
        };
    }

    /** What starting small costs more in the end, and what it saves until then. */
    public function startingSmall(Ladder $ladder): ?string
    {
        $straight = $ladder->straight();
        $first = $ladder->next();
        if ($straight === null || $first === null) {
            return null;
        }
        $more = $ladder->total() - $straight;
        $until = $this->firstGoal($ladder);

        return match (true) {
            $until === null => null,
            $more < 0.005 => 'Climbing costs nothing more than buying all of it at once.',
            default => 'Climbing costs '.($this->money)($more).' more in the end than buying all of it at once ('.
                ($this->money)($straight).
                ($ladder->rungs()[0]->tools === [] ? ').' : '), and begins for '.($this->money)($until).'.'),
        };
    }

    private function firstGoal(Ladder $ladder): ?float
    {
        foreach ($ladder->rungs() as $rung) {
            if ($rung->tools !== [] && $rung->reached !== []) {
                return $rung->to;
            }
        }

        return null;
    }

    /** @param  array<int, Lift>  $lifts */
    private static function names(array $lifts): string
    {
        return self::some(array_map(static fn (Lift $lift): string => $lift->task->operation->name, $lifts));
    }

    /** @param  list<Task>  $tasks */
    private static function quoted(array $tasks): string
    {
        return self::some(array_map(static fn (Task $task): string => "“{$task->operation->name}”", $tasks));
    }

    /** @param  array<int, string>  $names */
    private static function some(array $names): string
    {
        $names = array_values(array_unique($names));
        $rest = count($names) - self::NAMED;

        return $rest > 0
            ? implode(', ', array_slice($names, 0, self::NAMED))." and $rest more"
            : PurchaseWords::listed($names);
    }

    /** 45 min, 3 h 20 min */
    private static function lasts(float $minutes): string
    {
        $whole = (int) round($minutes);
        $hours = intdiv($whole, 60);
        $rest = $whole % 60;

        return match (true) {
            $hours === 0 => "about $whole min",
            $rest === 0 => "about $hours h",
            default => "about $hours h $rest min",
        };
    }
}
