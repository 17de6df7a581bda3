//! Multinomial logistic regression with soft targets, trained by AdaGrad (Duchi et al., 2011) with an L2 penalty.

/// A unit: which columns it shows, and how much it belongs to each component.
pub(crate) struct Row {
    pub(crate) features: Vec<(usize, f32)>,
    pub(crate) target: [f32; 6],
}

/// Weights for each column and component.
pub(crate) struct Regression {
    pub(crate) weights: Vec<[f32; 6]>,
}

impl Regression {
    /// The mean of several models that saw the rows in orders of their own, so that one row more or less moves little.
    pub(crate) fn train(rows: &[Row], prior: &[[f32; 6]], penalty: f32, rounds: usize) -> Regression {
        let mut mean = vec![[0.0f32; 6]; prior.len()];
        for order in 0..ORDERS {
            let one = Regression::once(rows, prior, penalty, rounds, order);
            for (mean, weights) in mean.iter_mut().zip(&one.weights) {
                for (mean, weight) in mean.iter_mut().zip(weights) {
                    *mean += weight / ORDERS as f32;
                }
            }
        }
        Regression { weights: mean }
    }

    /// Goes over the rows `rounds` times in an order that depends on nothing but their number and its seed.
    /// The penalty pulls each weight towards its prior.
    fn once(rows: &[Row], prior: &[[f32; 6]], penalty: f32, rounds: usize, order: u64) -> Regression {
        let mut steps = vec![[1e-6f32; 6]; prior.len()];
        let mut model = Regression { weights: prior.to_vec() };
        let penalty = penalty / rows.len().max(1) as f32;
        let mut seed = 0x2545_f491_u64 + order;
        let mut order: Vec<usize> = (0..rows.len()).collect();
        for _ in 0..rounds {
            for index in (1..order.len()).rev() {
                seed = seed.wrapping_mul(6_364_136_223_846_793_005).wrapping_add(1_442_695_040_888_963_407);
                order.swap(index, (seed >> 33) as usize % (index + 1));
            }
            for &index in &order {
                let row = &rows[index];
                let shares = model.shares(&row.features);
                for &(column, value) in &row.features {
                    for component in 0..6 {
                        let weight = model.weights[column][component];
                        let slope = (shares[component] - row.target[component]) * value
                            + penalty * (weight - prior[column][component]);
                        steps[column][component] += slope * slope;
                        model.weights[column][component] -= RATE * slope / steps[column][component].sqrt();
                    }
                }
            }
        }
        model
    }

    /// How much a row belongs to each component.
    pub(crate) fn shares(&self, features: &[(usize, f32)]) -> [f32; 6] {
        let mut scores = [0.0f32; 6];
        for &(column, value) in features {
            for (score, weight) in scores.iter_mut().zip(&self.weights[column]) {
                *score += value * weight;
            }
        }
        let most = scores.iter().copied().fold(f32::MIN, f32::max);
        let raised = scores.map(|score| (score - most).exp());
        let sum: f32 = raised.iter().sum();
        raised.map(|value| value / sum)
    }
}

const RATE: f32 = 0.05;
/// How many orders of the rows are averaged.
const ORDERS: u64 = 4;

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn it_learns_which_column_means_what() {
        let row = |column: usize| {
            let mut target = [0.0; 6];
            target[column] = 1.0;
            Row { features: vec![(column, 1.0), (3, 1.0)], target }
        };
        let rows: Vec<Row> = (0..30).map(|index| row(index % 3)).collect();
        let model = Regression::train(&rows, &[[0.0; 6]; 4], 0.1, 30);
        for column in 0..3 {
            assert!(model.shares(&[(column, 1.0), (3, 1.0)])[column] > 0.8);
        }
    }
}
