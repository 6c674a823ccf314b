<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Making\View;
use JackRest\Desk\Session\SessionStep;

/** Where the lines go, and what is set to what. */
final readonly class SetOutAnswer
{
    /**
     * @param  list<View>  $views
     * @param  list<ToolSetting>  $settings  in the order they are used
     * @param  list<string>  $lines
     * @param  list<SetOutRow>  $rows  other ways beside it
     * @param  list<Explanation>  $how
     * @param  list<SetOutRow>  $chains  by numbers and by transfer, what each is worth
     * @param  list<SessionStep>  $steps  what is counted at the bench
     * @param  int|null  $restDays  days until it is gone on with; null: it is not left to rest
     */
    public function __construct(
        public Advice $next,
        public array $views,
        public array $settings,
        public array $lines,
        public array $rows,
        public array $how,
        public array $chains = [],
        public array $steps = [],
        public ?int $restDays = null,
    ) {
    }
}
