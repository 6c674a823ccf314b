<?php

declare(strict_types=1);

namespace App\People;

/** What somebody may do at a bench. */
enum Role: string
{
    case Owner = 'owner';
    case Member = 'member';
    case Reader = 'reader';

    public function may(Rule $rule): bool
    {
        return match ($rule) {
            Rule::Look, Rule::Self, Rule::Account => true,
            Rule::Record => $this !== self::Reader,
            Rule::Own => $this === self::Owner,
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Owner => 'owner: records, and decides who is here',
            self::Member => 'member: records',
            self::Reader => 'reader: looks',
        };
    }

    /** Why an action is refused. */
    public function refusal(): string
    {
        return $this === self::Reader
            ? 'You are a reader at this bench: you may look at everything, and write nothing.'
            : 'Only an owner of this bench may do that.';
    }
}
