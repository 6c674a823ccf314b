<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Job\JobTask;
use JackRest\Core\Job\PartCount;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Task;

/** What is to be made: a work, and what was set out for it. */
final readonly class JobAsk
{
    /**
     * @param  list<Task>  $tasks
     * @param  list<StepSetting>  $settings
     * @param  array<string, list<string>>  $counted  strokes and turns, a sentence each, by operation
     * @param  array<string, float>  $rests  days after an operation, where boards are brought down in stages
     */
    public function __construct(
        public string $name,
        public array $tasks,
        public PartCount $parts,
        public array $settings = [],
        public array $counted = [],
        public array $rests = [],
        public ?string $due = null,
    ) {
    }

    /**
     * Settings of one step: those of its side, and those of its operation on either; none of a tool that it is not done
     * with.
     *
     * @param  list<string>  $kinds  of tool that it is done with
     * @return list<StepSetting>
     */
    public function settingsOf(string $step, string $operation, array $kinds): array
    {
        $others = [];
        foreach (ToolKinds::all() as $kind) {
            if (! in_array($kind->id, $kinds, true) && ! JobTask::isGauge($kind->id)) {
                $others[] = $kind->name;
            }
        }

        return array_values(array_filter(
            $this->settings,
            static fn (StepSetting $setting): bool => in_array($setting->step, [$step, $operation], true)
                && ! in_array($setting->tool, $others, true),
        ));
    }
}
