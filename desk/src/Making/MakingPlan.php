<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Task;
use JackRest\Desk\Explanation;

/** A plan computed from chosen sizes: what is cut, how it looks, what is done step by step. */
interface MakingPlan
{
    /** @return non-empty-list<PlanField> in the order they are chosen */
    public static function fields(): array;

    public function __construct(PlanSizes $sizes);

    /** @return array<string, string> what cannot be, by field */
    public function wrong(LengthFormatter $format): array;

    /** @return non-empty-list<Part> */
    public function parts(): array;

    /** @return non-empty-list<View> */
    public function views(LengthFormatter $format): array;

    /** @return non-empty-list<MakingStep> */
    public function steps(LengthFormatter $format): array;

    /** @return list<Task> what the kit must be able to do */
    public function tasks(): array;

    public function made(): Made;

    /** @return list<string> what was reckoned: thirds, pin places, offsets */
    public function lines(LengthFormatter $format): array;

    /** @return list<Explanation> */
    public function how(LengthFormatter $format): array;
}
