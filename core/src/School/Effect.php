<?php

declare(strict_types=1);

namespace JackRest\Core\School;

/** What a choice of school changes in the kit. Everything left out changes nothing. */
final readonly class Effect
{
    /**
     * @param  float  $priceFactor  on the planned price of everything bought
     * @param  float  $runningFactor  on a year's running cost
     * @param  list<string>  $prefers  kinds that come first among ways of one grade
     * @param  list<string>  $leavesOut  kinds the plan does not offer
     * @param  list<string>  $buys  kinds bought though they could be made
     * @param  string|null  $hones  the kind that sharpens
     * @param  bool  $guide  whether honing takes a guide too
     * @param  bool  $machines  whether machines do the rough work
     * @param  bool  $nextWorkOnly  whether the plan looks at the next work alone
     * @param  array<string, int>  $minGrades  by operation
     * @param  array<string, array<string, float>>  $sizes  usual sizes by kind
     */
    public function __construct(
        public float $priceFactor = 1.0,
        public float $runningFactor = 1.0,
        public array $prefers = [],
        public array $leavesOut = [],
        public array $buys = [],
        public ?string $hones = null,
        public bool $guide = false,
        public bool $machines = false,
        public bool $nextWorkOnly = false,
        public array $minGrades = [],
        public array $sizes = [],
    ) {
    }
}
