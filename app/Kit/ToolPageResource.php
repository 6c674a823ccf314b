<?php

declare(strict_types=1);

namespace App\Kit;

use App\Edge\Edge;
use App\Http\Answer\WordAnswer;
use App\Http\Money;
use App\Kit\Answer\AskedConditionAnswer;
use App\Kit\Answer\ServiceAnswer;
use App\Kit\Answer\ServiceWayAnswer;
use App\Kit\Answer\ToolEdgeAnswer;
use App\Kit\Answer\ToolPageAnswer;
use App\Kit\Answer\ToolSizeAnswer;
use App\Tool\KindResource;
use App\Tool\Tool;
use App\Tool\ToolResource;
use App\Tool\ToolStatus;
use App\Work\KitOfBench;
use JackRest\Core\Edge\ToolCondition;
use JackRest\Core\Fit\OwnBite;
use JackRest\Core\Kit\KitPlanner;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;
use JackRest\Desk\Kit\CoverageWords;

/** A tool's own page: its dimensions, what it serves, its edges, and what would be lost without it. */
final readonly class ToolPageResource
{
    public function __construct(private KitOfBench $kit, private LengthFormatter $format)
    {
    }

    public function of(Tool $tool): ToolPageAnswer
    {
        $kind = $tool->kindOfTool();
        $words = new CoverageWords($this->format);
        $sizes = $tool->toCore()->sizes();

        return new ToolPageAnswer(
            tool: ToolResource::of($tool),
            kind: KindResource::of($kind, $this->kit->school, $this->format),
            sizes: array_map(
                fn (Dimension $dimension): ToolSizeAnswer => new ToolSizeAnswer(
                    name: $dimension->name,
                    label: $dimension->label,
                    text: $words->amount($sizes[$dimension->name] ?? $dimension->usual, $dimension->unit),
                    typed: isset($tool->size[$dimension->name])
                        ? KindResource::typed((float) $tool->size[$dimension->name], $dimension->unit, $this->format)
                        : '',
                    measured: isset($tool->size[$dimension->name]),
                ),
                $kind->dimensions,
            ),
            serves: array_map(
                fn (Operation $operation): ServiceAnswer => $this->service($operation, $kind->id),
                Operations::byKind()[$kind->id] ?? [],
            ),
            loses: $tool->status === ToolStatus::Owned ? self::lost($this->kit, $tool) : [],
            edges: array_values(
                Edge::ofTool($tool)
                    ->get()
                    ->map(
                        static fn (Edge $edge): ToolEdgeAnswer => new ToolEdgeAnswer(
                            id: $edge->id,
                            name: $edge->name,
                            says: Edge::says($edge->condition),
                        ),
                    )
                    ->all(),
            ),
            asks: $tool->status === ToolStatus::Owned && Tool::cuts($kind)
                ? new AskedConditionAnswer(
                    found: $tool->condition,
                    conditions: WordAnswer::each(ToolCondition::cases()),
                )
                : null,
            bite: $this->bite($tool),
            overrule: $this->kit->settings->overrules[$kind->id] ?? null,
            worth: $tool->status === ToolStatus::Wanted ? $this->worth($tool) : null,
            settingsVersion: $this->kit->settings->version,
        );
    }

    /** @return list<string> what each work could no longer do without it, in words */
    public static function lost(KitOfBench $kit, Tool $tool): array
    {
        $lost = [];
        foreach ($kit->works as $work) {
            $before = array_map(static fn (Task $task): string => $task->operation->name, $kit->lacking($work));
            $after = array_map(static fn (Task $task): string => $task->operation->name, $kit->lacking($work, $tool));
            $more = array_values(array_unique(array_diff($after, $before)));
            if ($more !== []) {
                $lost[] = "{$work->name}: ".implode(', ', $more);
            }
        }

        return $lost;
    }

    private function service(Operation $operation, string $kind): ServiceAnswer
    {
        $ways = array_values(
            array_filter($operation->ways, static fn (Way $way): bool => in_array($kind, $way->kinds, true)),
        );

        return new ServiceAnswer(
            operation: $operation->name,
            ways: array_map(
                fn (Way $way): ServiceWayAnswer => new ServiceWayAnswer(
                    tools: $way->tools(),
                    says: $way->says,
                    grade: $way->grade,
                    if: array_map(
                        fn (Condition $condition): string => $condition->says($this->format),
                        $way->conditions,
                    ),
                ),
                $ways,
            ),
        );
    }

    private function bite(Tool $tool): ?string
    {
        $own = OwnBite::from($tool->sawCounts());

        return $own === null
            ? null
            : 'It bites '.
                    LengthFormatter::decimal($own->factor, 2).
                    ' times the model, from '.
                    $own->counts.
                    ($own->counts === 1
                        ? ' counted cut.'
                        : ' counted cuts ('.
                            LengthFormatter::decimal($own->least, 2).
                            ' to '.
                            LengthFormatter::decimal($own->most, 2).
                            ').');
    }

    /** In the plan, or below which price it would be. */
    private function worth(Tool $tool): string
    {
        $planner = $this->kit->planner();
        if ($this->kit->works->where('chosen', true)->isEmpty()) {
            return 'Choose a work, and the plan says whether it is worth its price.';
        }
        if (in_array((string) $tool->id, $this->kit->ladder()->ids(), true)) {
            return 'It is on the ladder.';
        }
        $below = self::worthBelow($planner, (string) $tool->id);

        return $below === null
            ? 'No work you chose needs it.'
            : 'It becomes worth it below '.Money::plain(round($below, 2)).'.';
    }

    private static function worthBelow(KitPlanner $planner, string $id): ?float
    {
        foreach ($planner->leftOver() as $offer) {
            if ($offer->id === $id) {
                return $planner->worthBelow($offer);
            }
        }

        return null;
    }
}
