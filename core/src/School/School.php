<?php

declare(strict_types=1);

namespace JackRest\Core\School;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKind;

/** The user's answers taken together, with what they decided about single kinds. */
final readonly class School
{
    /** @var list<Effect> */
    private array $effects;

    /**
     * @param  array<string, string>  $answers  answer by question; a question not named stands at its first answer
     * @param  array<string, Overrule>  $overrules  by kind
     *
     * @throws InvalidInput for a question or an answer that nobody knows
     */
    public function __construct(public array $answers = [], public array $overrules = [])
    {
        foreach ($answers as $question => $answer) {
            $known =
                Questions::all()[$question] ?? throw InvalidInput::because("answers.$question", 'is no question here');
            if (! in_array($answer, array_column($known->answers, 'id'), true)) {
                throw InvalidInput::because(
                    "answers.$question",
                    'must be one of: '.implode(', ', array_column($known->answers, 'id')),
                );
            }
        }
        $this->effects = array_values(
            array_map(fn (Question $question): Effect => $this->answer($question)->effect, Questions::all()),
        );
    }

    public function answer(Question $question): Option
    {
        return $question->answer($this->answers[$question->id] ?? null);
    }

    /** @return string the id of the answer that stands */
    public function says(string $question): string
    {
        return $this->answer(Questions::all()[$question])->id;
    }

    /** Whether the plan offers this kind at all. */
    public function offers(string $kind): bool
    {
        return match ($this->overrules[$kind] ?? null) {
            Overrule::LeaveOut => false,
            null => ! in_array($kind, $this->leftOut(), true),
            default => true,
        };
    }

    /** Whether a kind that can be made is made. What nobody has a view on is made: that is cheapest. */
    public function makes(ToolKind $kind): bool
    {
        if ($kind->making === null) {
            return false;
        }

        return match ($this->overrules[$kind->id] ?? null) {
            Overrule::Make => true,
            Overrule::Buy => false,
            default => ! in_array(
                $kind->id,
                array_merge(...array_map(static fn (Effect $effect): array => $effect->buys, $this->effects)),
                true,
            ),
        };
    }

    public function prefers(string $kind): bool
    {
        foreach ($this->effects as $effect) {
            if (in_array($kind, $effect->prefers, true)) {
                return true;
            }
        }

        return false;
    }

    public function priceFactor(): float
    {
        return array_product(array_map(static fn (Effect $effect): float => $effect->priceFactor, $this->effects));
    }

    public function runningFactor(): float
    {
        return array_product(array_map(static fn (Effect $effect): float => $effect->runningFactor, $this->effects));
    }

    public function machines(): bool
    {
        return array_filter($this->effects, static fn (Effect $effect): bool => $effect->machines) !== [];
    }

    public function nextWorkOnly(): bool
    {
        return array_filter($this->effects, static fn (Effect $effect): bool => $effect->nextWorkOnly) !== [];
    }

    /** How well an operation must be done at least: what the work asks, or what the school asks where it has a view. */
    public function minGrade(string $operation, int $asked): int
    {
        foreach ($this->effects as $effect) {
            if (isset($effect->minGrades[$operation])) {
                return $effect->minGrades[$operation];
            }
        }

        return $asked;
    }

    /** @return array<string, float> the sizes the school has a view on */
    public function sizes(string $kind): array
    {
        return array_merge(
            ...array_map(static fn (Effect $effect): array => $effect->sizes[$kind] ?? [], $this->effects),
        );
    }

    /** @return non-empty-list<string> the kinds that give a need, the school's own choice first */
    public function givers(Need $need): array
    {
        $givers = $need->givers();
        if ($need === Need::Hone) {
            $own = array_filter(
                array_map(static fn (Effect $effect): ?string => $effect->hones, $this->effects),
                is_string(...),
            );
            $givers = array_values(array_unique([...$own, ...$givers]));
        }

        return $givers === [] ? $need->givers() : $givers;
    }

    public function guides(): bool
    {
        return array_filter($this->effects, static fn (Effect $effect): bool => $effect->guide) !== [];
    }

    /** @return list<string> */
    private function leftOut(): array
    {
        return array_merge(...array_map(static fn (Effect $effect): array => $effect->leavesOut, $this->effects));
    }
}
