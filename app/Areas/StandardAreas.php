<?php

declare(strict_types=1);

namespace App\Areas;

use App\Areas\Contract\AreaList;
use App\Areas\Day\DayArea;
use App\Areas\Kit\KitArea;
use App\Areas\Layout\LayoutArea;
use App\Areas\Meter\MeterArea;
use App\Areas\Power\PowerArea;
use App\Areas\Rig\RigArea;
use App\Areas\Sonar\SonarArea;
use App\Areas\Survey\SurveyArea;

/** Every area of the application, in the order of work: the one list that names them. */
final class StandardAreas
{
    public static function list(): AreaList
    {
        return new AreaList([
            new SurveyArea,
            new LayoutArea,
            new PowerArea,
            new SonarArea,
            new DayArea,
            new KitArea,
            new RigArea,
            new MeterArea,
        ]);
    }
}
