<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

/** Something that is done once to every batch: after what, with which tool in the hand, set to what. */
final readonly class SequenceTask
{
    /**
     * @param  list<string>  $after  tasks that are done to the same batch before it
     * @param  string  $tool  empty: none is fetched for it
     * @param  string  $setting  empty: the tool is set to nothing
     */
    public function __construct(
        public string $id,
        public array $after = [],
        public string $tool = '',
        public string $setting = '',
    ) {
    }
}
