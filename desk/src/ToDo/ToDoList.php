<?php

declare(strict_types=1);

namespace JackRest\Desk\ToDo;

use JackRest\Desk\HowLong;

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
        return $this->before() === [];
    }

    /** Minutes of what comes before work; going on with a work is work. */
    public function minutes(): int
    {
        return (int) array_sum(array_map(static fn (Chore $chore): int => $chore->minutes ?? 0, $this->before()));
    }

    /** What is read first: the step of a work that is being made, else what stands before the next one. */
    public function sentence(): string
    {
        return $this->underWay()->why ?? $this->beforeWork();
    }

    /** @param  string|null  $already  how well the work could be made with what there is */
    public function why(?string $already): string
    {
        $job = $this->underWay();
        if ($job !== null) {
            return $job->says.($this->work === null ? '' : " {$this->beforeWork()}");
        }

        return match (true) {
            $this->work === null => 'Begin with what you want to make.',
            $this->isReady() => 'Every tool is at hand, every edge it needs is sharp, and the squares can be trusted.',
            default => ($already === null ? '' : "$already ").
                'In the order that stops you least. Each opens where you do it.',
        };
    }

    private function underWay(): ?Chore
    {
        $first = $this->chores[0] ?? null;

        return $first?->kind === ChoreKind::GoOnWithJob ? $first : null;
    }

    /** @return list<Chore> without the works that are being made */
    private function before(): array
    {
        return array_values(array_filter(
            $this->chores,
            static fn (Chore $chore): bool => $chore->kind !== ChoreKind::GoOnWithJob,
        ));
    }

    private function beforeWork(): string
    {
        if ($this->work === null) {
            return 'Say what you want to make: the rest follows from it.';
        }
        if ($this->isReady()) {
            return "Ready for the {$this->work}.";
        }
        $tools = $atBench = 0;
        $making = false;
        foreach ($this->before() as $chore) {
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
                        self::howLong($this->minutes()).
                        ($making ? ' in all' : '')
                    : '',
            ],
            static fn (string $part): bool => $part !== '',
        );

        return "Before the {$this->work}: ".implode(', and ', $parts).'.';
    }

    private static function howLong(int $minutes): string
    {
        return $minutes < HowLong::HOURS_FROM ? self::counted($minutes, 'minute') : HowLong::of($minutes);
    }

    private static function counted(int $count, string $thing): string
    {
        $words = [1 => 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

        return ($words[$count] ?? (string) $count)." $thing".($count === 1 ? '' : 's');
    }
}
