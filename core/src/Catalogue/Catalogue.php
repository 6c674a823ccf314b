<?php

declare(strict_types=1);

namespace JackRest\Core\Catalogue;

use JackRest\Core\Abrasive\Grit;
use JackRest\Core\Calculation\Entry;
use JackRest\Core\Calculation\UnknownCalculation;
use JackRest\Core\Edge\BackBevel;
use JackRest\Core\Edge\BevelAngle;
use JackRest\Core\Edge\Camber;
use JackRest\Core\Edge\CamberStrokes;
use JackRest\Core\Edge\CuttingGeometry;
use JackRest\Core\Edge\EdgeStateCalculation;
use JackRest\Core\Edge\GuideCalibrate;
use JackRest\Core\Edge\GuideProjection;
use JackRest\Core\Edge\HollowGrind;
use JackRest\Core\Edge\HoningPlan;
use JackRest\Core\Edge\MicroBevel;
use JackRest\Core\Edge\Nick;
use JackRest\Core\Filing\AugerCheck;
use JackRest\Core\Filing\SawFile;
use JackRest\Core\Filing\SawTeeth;
use JackRest\Core\Filing\SawTemplate;
use JackRest\Core\Filing\ScraperBurr;
use JackRest\Core\Fit\BraceFit;
use JackRest\Core\Fit\ChiselFit;
use JackRest\Core\Fit\KerfFit;
use JackRest\Core\Fit\MarkingChain;
use JackRest\Core\Fit\SawFit;
use JackRest\Core\Fit\ShoulderFit;
use JackRest\Core\Fit\SoleFit;
use JackRest\Core\Kit\KitLadder;
use JackRest\Core\Kit\KitPlan;
use JackRest\Core\Kit\KitStages;
use JackRest\Core\Making\BentBatten;
use JackRest\Core\MarkingOut\DovetailLayout;
use JackRest\Core\MarkingOut\MortiseLayout;
use JackRest\Core\MarkingOut\TongueAndGroove;
use JackRest\Core\Setting\BoreTurns;
use JackRest\Core\Setting\FenceCheck;
use JackRest\Core\Setting\RecessSetup;
use JackRest\Core\Setting\ShavingCount;
use JackRest\Core\Setting\ThicknessStages;
use JackRest\Core\Timber\MoistureCourse;
use JackRest\Core\Timber\WoodMovement;
use JackRest\Core\Truing\ShavingMap;
use JackRest\Core\Truing\SlopeTemplate;
use JackRest\Core\Truing\SquareGrade;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\StraightedgeReversal;
use JackRest\Core\Truing\ThreeEdges;
use JackRest\Core\Truing\WindingMap;
use JackRest\Core\Truing\WindingSticks;

/** Every calculation by its stable name. This list is the one place where a calculation is registered. */
final class Catalogue
{
    private const CALCULATIONS = [
        Grit::class,
        BevelAngle::class,
        CuttingGeometry::class,
        MicroBevel::class,
        HollowGrind::class,
        Nick::class,
        GuideCalibrate::class,
        GuideProjection::class,
        Camber::class,
        BackBevel::class,
        EdgeStateCalculation::class,
        HoningPlan::class,
        SquareReversal::class,
        SquareGrade::class,
        StraightedgeReversal::class,
        ThreeEdges::class,
        WindingSticks::class,
        WindingMap::class,
        ShavingMap::class,
        SlopeTemplate::class,
        SawFit::class,
        SoleFit::class,
        KitPlan::class,
        KitLadder::class,
        KitStages::class,
        ChiselFit::class,
        KerfFit::class,
        ShoulderFit::class,
        MarkingChain::class,
        BraceFit::class,
        SawTeeth::class,
        SawFile::class,
        SawTemplate::class,
        AugerCheck::class,
        CamberStrokes::class,
        ScraperBurr::class,
        WoodMovement::class,
        MoistureCourse::class,
        BentBatten::class,
        DovetailLayout::class,
        MortiseLayout::class,
        TongueAndGroove::class,
        RecessSetup::class,
        FenceCheck::class,
        BoreTurns::class,
        ShavingCount::class,
        ThicknessStages::class,
    ];

    /** @return array<string, Entry> keyed by name, in the order of the list */
    public static function entries(): array
    {
        $entries = [];
        foreach (self::CALCULATIONS as $class) {
            $entry = Entry::for($class);
            $entries[$entry->name] = $entry;
        }

        return $entries;
    }

    /** @throws UnknownCalculation */
    public static function named(string $name): Entry
    {
        // One after another: a single answer needs not load all the others.
        foreach (self::CALCULATIONS as $class) {
            $entry = Entry::for($class);
            if ($entry->name === $name) {
                return $entry;
            }
        }
        throw new UnknownCalculation($name, array_keys(self::entries()));
    }
}
