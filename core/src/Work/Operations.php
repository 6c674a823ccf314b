<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Work\Operations\BreakingDownOperations;
use JackRest\Core\Work\Operations\ChoppingOperations;
use JackRest\Core\Work\Operations\EdgeOperations;
use JackRest\Core\Work\Operations\FaceOperations;
use JackRest\Core\Work\Operations\GrooveOperations;
use JackRest\Core\Work\Operations\HoldingOperations;
use JackRest\Core\Work\Operations\JointFittingOperations;
use JackRest\Core\Work\Operations\JointSawingOperations;
use JackRest\Core\Work\Operations\MarkingOperations;
use JackRest\Core\Work\Operations\ShapingOperations;
use JackRest\Core\Work\Operations\SharpeningOperations;
use OutOfBoundsException;

/** Every operation known here. A new operation, or a new way, is one entry in the list of its subject. */
final class Operations
{
    /** @return array<string, Operation> by id */
    public static function all(): array
    {
        /** @var array<string, Operation>|null $operations */
        static $operations = null;

        return $operations ??= array_column(
            [
                ...BreakingDownOperations::list(),
                ...FaceOperations::list(),
                ...EdgeOperations::list(),
                ...MarkingOperations::list(),
                ...JointSawingOperations::list(),
                ...ChoppingOperations::list(),
                ...JointFittingOperations::list(),
                ...GrooveOperations::list(),
                ...ShapingOperations::list(),
                ...HoldingOperations::list(),
                ...SharpeningOperations::list(),
            ],
            null,
            'id',
        );
    }

    /** @throws OutOfBoundsException */
    public static function named(string $id): Operation
    {
        return self::all()[$id] ?? throw new OutOfBoundsException("There is no operation called \"$id\".");
    }

    /** @return array<string, list<Operation>> the operations each kind of tool serves, by kind */
    public static function byKind(): array
    {
        /** @var array<string, list<Operation>>|null $served */
        static $served = null;
        if ($served === null) {
            $served = [];
            foreach (self::all() as $operation) {
                foreach (
                    array_unique(
                        array_merge(...array_map(static fn (Way $way): array => $way->kinds, $operation->ways)),
                    ) as $kind
                ) {
                    $served[$kind][] = $operation;
                }
            }
        }

        return $served;
    }

    /** Whether it keeps tools in order, and makes nothing. */
    public static function isUpkeep(string $id): bool
    {
        /** @var array<string, true>|null $upkeep */
        static $upkeep = null;
        $upkeep ??= array_fill_keys(
            array_map(static fn (Operation $operation): string => $operation->id, SharpeningOperations::list()),
            true,
        );

        return isset($upkeep[$id]) || $id === 'hold';
    }
}
