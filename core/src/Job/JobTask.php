<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Kit\TaskCoverage;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\WayAtHand;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;

/** One step of a job with the tools at hand that do it best. */
final readonly class JobTask
{
    /** The form of saws whose blades are used up. */
    private const BLADED = 'coping-saw';

    /** Kinds that are set to a dimension, beside those whose way takes time to set up. Common practice. */
    private const SET = [
        'marking-gauge', 'cutting-gauge', 'wheel-gauge', 'mortise-gauge', 'panel-gauge', 'dividers', 'stop-rule',
        'sliding-bevel',
    ];

    /**
     * @param  string  $setting  what its tool is set to; empty: nothing is
     * @param  float  $pace  times the minutes from memory that it takes whoever works here
     */
    public function __construct(
        public RouteStep $route,
        public TaskCoverage $coverage,
        public string $setting = '',
        public float $pace = 1.0,
    ) {
    }

    /** @param  array<string, ToolAtHand>  $tools  that are taken in the place of others of their kind */
    public function with(array $tools): self
    {
        $best = $this->coverage->best;
        if ($best === null) {
            return $this;
        }
        $taken = new WayAtHand($best->way, array_map(
            static fn (ToolAtHand $tool): ToolAtHand => $tools[$tool->kind] ?? $tool,
            $best->tools,
        ));

        return new self($this->route, new TaskCoverage(
            $this->coverage->task,
            $taken,
            $this->coverage->better,
            $this->coverage->nearest,
        ), $this->setting, $this->pace);
    }

    /** The tool in the hand: the first of its way; empty: it takes none, or there is no way yet. */
    public function tool(): string
    {
        $tool = $this->coverage->best->tools[0] ?? null;

        return $tool === null ? '' : (self::isGauge($tool->kind) ? $tool->kind : $tool->id);
    }

    /** What its tool is set to, where that is not said: a fence or a gauge is set for it alone. */
    public function setting(): string
    {
        $tool = $this->coverage->best->tools[0] ?? null;
        $isSet = $tool !== null && ($this->setUpMinutes() > 0 || in_array($tool->kind, self::SET, true));

        return match (true) {
            ! $isSet => '',
            $this->setting !== '' => $this->setting,
            default => $this->route->id,
        };
    }

    public static function isGauge(string $kind): bool
    {
        return in_array($kind, ['marking-gauge', 'cutting-gauge', 'wheel-gauge', 'mortise-gauge'], true);
    }

    /** Minutes for one part, after it is set up. */
    public function minutesEach(): float
    {
        return $this->pace * ($this->coverage->best->way->minutes ?? 0.0);
    }

    public function setUpMinutes(): float
    {
        return $this->coverage->best->way->setUp ?? 0.0;
    }

    /** Whether it is done with a coping or fret saw, whose blades are used up. */
    public function takesBlades(): bool
    {
        foreach ($this->coverage->best->tools ?? [] as $tool) {
            if (ToolKinds::named($tool->kind)->form === self::BLADED) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> ids of the tools that are honed, among which its minutes are shared with any saw */
    public function edgeTools(): array
    {
        return array_map(strval(...), array_keys($this->cutting(), true, true));
    }

    /** The share of its minutes that each of its edges works. */
    public function share(): float
    {
        return 1 / max(1, count($this->cutting()));
    }

    /** @return array<array-key, bool> whether it is honed, by tool that cuts */
    private function cutting(): array
    {
        $cutting = [];
        foreach ($this->coverage->best->tools ?? [] as $tool) {
            $kind = ToolKinds::named($tool->kind);
            $isHoned = in_array(Need::Hone, $kind->needs, true);
            if ($isHoned || $kind->group === Group::Saws) {
                $cutting[$tool->id] = $isHoned;
            }
        }

        return $cutting;
    }
}
