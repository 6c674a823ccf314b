<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

/** What a tool is set to for a step, as it was set out for the work. */
final readonly class StepSetting
{
    /**
     * @param  string  $step  an operation, and which side of a joint where that matters
     * @param  string|null  $gauge  the setting as a gauge holds it; null: no gauge holds it
     */
    public function __construct(
        public string $step,
        public string $tool,
        public string $for,
        public string $to,
        public ?string $gauge = null,
    ) {
    }

    /** What tells it from another setting of the same tool. */
    public function key(): string
    {
        return $this->gauge ?? "$this->tool $this->to";
    }

    public function says(): string
    {
        return "$this->tool $this->to ($this->for)";
    }
}
