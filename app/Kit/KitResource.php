<?php

declare(strict_types=1);

namespace App\Kit;

use App\Edge\Edge;
use App\Http\Answer\WordAnswer;
use App\Http\Money;
use App\Kit\Answer\BoardToolAnswer;
use App\Kit\Answer\KitAnswer;
use App\Kit\Answer\KitNextAnswer;
use App\Kit\Answer\KitPlanAnswer;
use App\Kit\Answer\UnlookedToolAnswer;
use App\Kit\Answer\WantedToolAnswer;
use App\Stone\StockOfRack;
use App\Tool\KindResource;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use App\Work\KitOfBench;
use App\Work\WorkResource;
use JackRest\Core\Edge\ToolCondition;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Kit\LadderWords;

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
        $ladder = $this->kit->ladder();
        $idle = new IdleOfBench($this->kit->bench, $this->kit);

        $shapes = new BoardResource();

        return new KitAnswer(
            board: array_values(
                $tools
                    ->filter(static fn (Tool $tool): bool => $tool->away_on === null)
                    ->map(static fn (Tool $tool): BoardToolAnswer => $shapes->tool($tool, $idle->stands($tool)))
                    ->all(),
            ),
            shapes: $shapes->shapes,
            wanted: array_values(
                $tools
                    ->filter(static fn (Tool $tool): bool => $tool->status === ToolStatus::Wanted)
                    ->map(static fn (Tool $tool): WantedToolAnswer => new WantedToolAnswer(
                        id: $tool->id,
                        version: $tool->version,
                        name: $tool->name,
                        price: $tool->price,
                    ))
                    ->all(),
            ),
            groups: KindResource::groups(),
            rack: StockOfRack::names($this->kit->bench),
            works: WorkResource::lines($this->kit),
            next: $this->next($ladder),
            plan: new KitPlanAnswer(
                sentence: self::sum($ladder),
                cost: $ladder->toSpend(),
                provenOptimal: $ladder->isProven(),
                tools: count($ladder->toGet()),
            ),
            unlooked: $this->unlooked(),
            conditions: WordAnswer::each(ToolCondition::cases()),
            how: [LadderResource::how($ladder)],
        );
    }

    /** @return list<UnlookedToolAnswer> what came in and cuts, the latest first */
    private function unlooked(): array
    {
        $unknown = Edge::of($this->kit->bench)->where('condition', Edge::UNKNOWN)->pluck('tool_id')->all();
        $unlooked = $this->kit->tools
            ->filter(
                static fn (Tool $tool): bool => $tool->condition === null &&
                    $tool->status === ToolStatus::Owned &&
                    ($tool->isSaw() || in_array($tool->id, $unknown, true)),
            )
            ->sortByDesc('id')
            ->map(
                static fn (Tool $tool): UnlookedToolAnswer => new UnlookedToolAnswer(
                    id: $tool->id,
                    version: $tool->version,
                    name: $tool->name,
                ),
            );

        return array_values($unlooked->all());
    }

    private function next(Ladder $ladder): KitNextAnswer
    {
        $words = new LadderWords(Money::plain(...));
        $rung = $ladder->now();
        $offer = $rung?->tools[0] ?? null;
        $beyond = $ladder->outOfReach;
        [$says, $why] = match (true) {
            $this->kit->chosen()->isEmpty() => [
                'Say what you want to make.',
                'The works decide what is missing and what to get next.',
            ],
            $rung !== null && $offer !== null => [$words->next($offer), $words->why($ladder, $rung, $offer)],
            $beyond !== null => ['Your budget does not reach for the next step.', $words->outOfReach($beyond)],
            $ladder->missing() !== [] => [
                'Nothing on offer closes the gap.',
                (string) LadderResource::impossible($ladder),
            ],
            default => ['You have all that your works ask for.', 'Every operation has a way that is good enough.'],
        };

        return new KitNextAnswer(
            says: $says,
            why: $why,
            offer: $offer?->id,
            toolId: $offer === null ? null : $this->kit->toolOf($offer)?->id,
            made: $offer?->making !== null,
        );
    }

    private static function sum(Ladder $ladder): string
    {
        $count = count($ladder->toGet());
        $tools = $count === 1 ? 'One tool' : "$count tools";
        $cost = Money::plain($ladder->toSpend());

        return match (true) {
            $ladder->outOfReach !== null => "$tools within your budget, $cost.",
            $count === 0 => 'Nothing to get.',
            $ladder->missing() !== [] => "$tools, $cost, make possible what can be.",
            default => "$tools, $cost, make all your works possible.",
        };
    }
}
