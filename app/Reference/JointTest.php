<?php

declare(strict_types=1);

namespace App\Reference;

use App\Ledger\Changes;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Reference\TestOfOne;

/** Tests that one reading gives of several references, or with another one's help: a test of each is written down. */
final readonly class JointTest
{
    /**
     * @param  non-empty-array<int, array{Reference, TestOfOne}>  $tests
     *
     * @throws InvalidInput when one of them is tested twice
     */
    public function __construct(private array $tests)
    {
        $ids = array_map(static fn (array $one): int => $one[0]->id, $tests);
        if (count(array_unique($ids)) < count($ids)) {
            throw InvalidInput::because('references', 'One edge cannot be two of the three. Choose another.');
        }
    }

    /** The first of those that are tested. */
    public function subject(): Reference
    {
        return array_values($this->tests)[0][0];
    }

    /** What was found of each, for the diary. */
    public function found(LengthFormatter $format): string
    {
        return implode(
            ', ',
            array_map(
                static fn (array $one): string => "{$one[0]->name} {$format->small(abs($one[1]->errorMm))} ± ".
                    "{$format->small($one[1]->uncertaintyMm)} out, {$one[1]->verdict->says()}",
                $this->tests,
            ),
        );
    }

    /** @return non-empty-array<int, ReferenceTest> */
    public function write(Changes $changes): array
    {
        $now = $changes->at->toIso8601ZuluString();

        return array_map(
            static fn (array $one): ReferenceTest => $changes->create($one[0]->tests(), [
                'tested_at' => $now,
                'series' => $one[1]->series,
                'readings' => $one[1]->readings,
                'facts' => $one[1]->facts,
                'error_mm' => $one[1]->errorMm,
                'uncertainty_mm' => $one[1]->uncertaintyMm,
                'verdict' => $one[1]->verdict,
                'found' => $one[1]->found,
            ]),
            $this->tests,
        );
    }
}
