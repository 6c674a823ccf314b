<?php

declare(strict_types=1);

namespace JackRest\Desk\ToDo;

/** What stands between a person and the next work, in one sentence. */
final readonly class ToDoList
{
    /**
     * @param  string|null  $work  null: none is chosen yet
     * @param  list<Chore>  $chores
     */
    public function __construct(public ?string $work, public array $chores)
    {
    }

    public function isReady(): bool
    {
        return $this->chores === [];
    }

    public function minutes(): int
    {
        return (int) array_sum(array_map(static fn (Chore $chore): int => $chore->minutes ?? 0, $this->chores));
    }

    public function sentence(): string
    {
        if ($this->work === null) {
            return 'Say what you want to make: the rest follows from it.';
        }
        if ($this->isReady()) {
            return "Ready for the {$this->work}.";
        }
        $tools = $atBench = 0;
        $making = false;
        foreach ($this->chores as $chore) {
            if ($chore->kind === ChoreKind::GetTool) {
                $tools += $chore->count;
                $making = $making || $chore->minutes !== null;
            } else {
                $atBench += $chore->count;
            }
        }
        $parts = array_filter(
            [
                $tools > 0 ? self::counted($tools, 'tool').' to get'.($making ? ' or make' : '') : '',
                $atBench > 0
                    ? self::counted($atBench, 'thing').
                        ' to see to, about '.
                        self::counted($this->minutes(), 'minute').
                        ($making ? ' in all' : '')
                    : '',
            ],
            static fn (string $part): bool => $part !== '',
        );

        return "Before the {$this->work}: ".implode(', and ', $parts).'.';
    }

    private static function counted(int $count, string $thing): string
    {
        $words = [1 => 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

        return ($words[$count] ?? (string) $count)." $thing".($count === 1 ? '' : 's');
    }
}
