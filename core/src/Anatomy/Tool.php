<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/**
 * What a hand takes up. One list for phone file, route and plan, so that the changes which are counted are the
 * changes which are made.
 * Its value is also its name on screen.
 */
enum Tool: string
{
    case PlasticCard = 'plastic card';
    case PlasticScraper = 'plastic scraper';
    case PullTab = 'pull tab';
    case Spudger = 'spudger';
    case SuctionCup = 'suction cup';
    case TrayPin = 'tray pin';
    case Tweezers = 'tweezers';

    case PentalobeP2 = 'P2';
    case TriPointY000 = 'Y000';
    case CrossPH000 = 'PH000';
    case CrossPH00 = 'PH00';
    case SixLobeT3 = 'T3';
    case SixLobeT5 = 'T5';
    case SixLobeT6 = 'T6';
    case Extractor = 'extractor';

    /** Everything that an opening is done with lies ready beside the phone: it is taken up as one. */
    case OpeningSet = 'heat and blade';
    case Plate = 'plate';
    case HotAir = 'hot air';
    case GrainBag = 'grain bag';
    case SuctionCupAndBlade = 'suction cup and thin blade';
    case ThinBlade = 'thin blade';
    case Card = 'card';
    case OpeningPick = 'opening pick';
    case ThinMetal = 'thin metal';
    case Wire = 'wire';
    case Dropper = 'dropper';
    case FineTipTube = 'fine-tip tube';

    case HotAirAndSpudger = 'hot air and spudger';
    case WarmPad = 'warm pad';
    case SeparatorPlate = 'separator plate';
    case RemoverAndWipes = 'remover and wipes';
    case LevelBench = 'level bench';
    case UvLamp = 'UV lamp';
    case PanelProgrammer = 'panel programmer';
    case ChipMill = 'chip mill';
    case BallStencil = 'ball stencil';
    case Microscope = 'microscope';

    /** What a part is lifted or held with; the rest is for bonds, screws and the bench. */
    public const LIFTING = [
        self::PlasticCard,
        self::PlasticScraper,
        self::PullTab,
        self::Spudger,
        self::SuctionCup,
        self::TrayPin,
        self::Tweezers,
    ];

    public static function driver(Driver $driver): self
    {
        return self::from($driver->value);
    }

    /** What has to be laid out for it: two tools of one set are changed without a change. */
    public function set(): self
    {
        return match ($this) {
            self::Plate, self::HotAir, self::GrainBag, self::SuctionCupAndBlade, self::ThinBlade, self::Card,
            self::OpeningPick, self::ThinMetal, self::Wire, self::Dropper => self::OpeningSet,
            default => $this,
        };
    }
}
