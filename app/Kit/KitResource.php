<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\Money;
use App\Kit\Answer\KitAnswer;
use App\Kit\Answer\KitNextAnswer;
use App\Kit\Answer\KitPlanAnswer;
use App\Tool\Answer\ToolAnswer;
use App\Tool\KindResource;
use App\Tool\Tool;
use App\Tool\ToolResource;
use App\Work\KitOfBench;
use App\Work\WorkResource;
use JackRest\Core\Basis;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\Proposal;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Explanation;
use JackRest\Desk\Kit\PurchaseWords;

/** The board of tools, the works, and the next tool to get. */
final readonly class KitResource
{
    public function __construct(private KitOfBench $kit)
    {
    }

    public static function of(KitOfBench $kit): KitAnswer
    {
        return (new self($kit))->whole();
    }

    private function whole(): KitAnswer
    {
        $order = array_flip(array_keys(ToolKinds::all()));
        $tools = $this->kit->tools
            ->sortBy(static fn (Tool $tool): array => [$order[$tool->kind], $tool->name])
            ->values();
        $proposal = $this->kit->planner()->propose();
        $first = $this->kit->ladder()->inOrder()[0] ?? null;
        $idle = new IdleOfBench($this->kit->bench, $this->kit);

        return new KitAnswer(
            board: array_values(
                $tools
                    ->filter(static fn (Tool $tool): bool => $tool->away_on === null)
                    ->map(static fn (Tool $tool): ToolAnswer => ToolResource::of($tool, $idle->stands($tool)))
                    ->all(),
            ),
            groups: KindResource::groups(),
            works: WorkResource::lines($this->kit),
            next: $this->next($proposal, $first),
            plan: new KitPlanAnswer(
                sentence: self::sum($proposal),
                cost: $proposal->cost,
                provenOptimal: $proposal->plan->provenOptimal,
                tools: count($proposal->buy),
            ),
            how: [self::how($proposal)],
        );
    }

    private function next(Proposal $proposal, ?Offer $first): KitNextAnswer
    {
        $works = $this->kit->works->where('chosen', true);
        [$says, $why] = match (true) {
            $works->isEmpty() => [
                'Say what you want to make.',
                'The works decide what is missing and what to get next.',
            ],
            $first === null && $proposal->impossible === [] && $proposal->unserved === [] => [
                'You have all that your works ask for.',
                'Every operation has a way that is good enough.',
            ],
            $first === null && $proposal->unserved !== [] => [
                'Your budget does not reach for the next tool.',
                self::unserved($proposal),
            ],
            $first === null => [
                'Nothing on offer closes the gap.',
                'No way is good enough for: '.self::names($proposal->impossible).'.',
            ],
            default => [self::get($first), $this->why($first)],
        };

        return new KitNextAnswer(
            says: $says,
            why: $why,
            offer: $first?->id,
            toolId: $first === null ? null : $this->kit->toolOf($first)?->id,
            made: $first?->making !== null,
        );
    }

    private static function get(Offer $offer): string
    {
        return $offer->making === null
            ? "Get the {$offer->name}: ".Money::plain($offer->price).'.'
            : "Make the {$offer->name}: about {$offer->making->minutes} minutes, ".
                    Money::plain($offer->price).
                    ' of wood.';
    }

    private function why(Offer $offer): string
    {
        $purchase = $this->kit->planner()->purchase($offer);
        $extra =
            $purchase->extra === null || $purchase->extra <= 0.0
                ? ''
                : ', '.Money::plain(round($purchase->extra, 2)).' more';

        return PurchaseWords::opens($purchase).
            ' '.
            PurchaseWords::instead($purchase).
            ($purchase->instead === null ? '' : "$extra.");
    }

    private static function sum(Proposal $proposal): string
    {
        $count = count($proposal->buy);
        $tools = $count === 1 ? 'One tool' : "$count tools";

        return match (true) {
            $proposal->unserved !== [] => "$tools within your budget, ".
                Money::plain($proposal->cost).
                '. '.
                self::unserved($proposal),
            $count === 0 => 'Nothing to get.',
            default => "$tools, ".Money::plain($proposal->cost).', make all your works possible.',
        };
    }

    public static function unserved(Proposal $proposal): string
    {
        return 'It does not reach for: '.self::names($proposal->unserved).'.';
    }

    /** @param  list<\JackRest\Core\Work\Task>  $tasks */
    public static function names(array $tasks): string
    {
        return PurchaseWords::listed(
            array_values(array_unique(array_map(static fn ($task): string => $task->operation->name, $tasks))),
        );
    }

    public static function how(Proposal $proposal): Explanation
    {
        $cost = Money::plain($proposal->cost);
        $count = count($proposal->buy);

        return new Explanation(
            'Is there no cheaper way?',
            'least cost of tools such that every operation has a good enough way, each tool with all it needs',
            $count === 0
                ? 'nothing to get'
                : "$count of ".
                    count($proposal->problem->tools).
                    " tools, $cost; ".
                    ($proposal->plan->provenOptimal
                        ? 'nothing cheaper exists among them'
                        : 'the best found so far; nothing can cost less than '.
                            Money::plain(round($proposal->plan->lowerBound, 2))),
            Basis::CommonPractice,
            'Exact search over every combination. Ways are common practice, their grades and minutes from memory. '.
                'Prices are invented round figures until you type your own.',
        );
    }
}
