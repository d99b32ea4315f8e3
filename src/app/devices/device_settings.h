// Which devices this bench has; they belong to the machine, not to the data folder.
#pragma once

#include "devices/device_link.h"

#include <vector>

namespace rhexion {

// What cannot be read is left out.
std::vector<devices::DeviceSetup> readDevices();
void keepDevices(const std::vector<devices::DeviceSetup>& setups);

} // namespace rhexion
