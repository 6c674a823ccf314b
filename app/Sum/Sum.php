<?php

declare(strict_types=1);

namespace App\Sum;

use App\Bench\Bench;
use Illuminate\Database\Query\Builder;

/**
 * Something that years of records come to, kept so that they need not be read again for every page.
 *
 * It is made of what stands in the tables alone. The database strikes it out when one of its rows is written, by
 * whatever hand (the triggers are in the migration), and {@see Sums} makes it anew.
 */
interface Sum
{
    /** As the triggers call it. */
    public function name(): string;

    /** The ids of all it is kept of. */
    public function subjects(Bench $bench): Builder;

    /**
     * @param  list<int>  $ids  of subjects
     * @return array<int, array<array-key, mixed>> by subject, each of them, as JSON can hold it
     */
    public function made(Bench $bench, array $ids): array;
}
