<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

/** Something done to wood or to a tool, with every way to do it that is known here. */
final readonly class Operation
{
    /**
     * @param  non-empty-list<Way>  $ways
     * @param  bool  $byMachine  rough work that a hybrid shop leaves to machines
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $says,
        public array $ways,
        public bool $byMachine = false,
    ) {
    }
}
